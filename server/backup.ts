/**
 * Backups: every plan with its photographs and its journal as one file. Gzipped JSON with a checksum of what is in it; read
 * whole and checked before anything is written, so that a damaged one changes nothing.
 */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { z } from 'zod';
import { readPlanFile, writePlanFile, type Pictures } from '@heronstone/core/formats/planFile.ts';
import { upgradeChange } from '@heronstone/core/formats/upgrade.ts';
import { ChangeSchema, GroupSchema, type JournalEntry } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import type { Store } from './store.ts';

const FORMAT = 'heronstone-backup';

/** A backup that cannot be used; its message is for a person. */
export class BackupError extends Error {}

/** A revision: more than any plan has in a lifetime of steps is a damaged file. */
const RevisionSchema = z.number().int().min(1).max(1_000_000_000);
/** A change of this or an earlier version. */
const AnyChange = z.preprocess(upgradeChange, ChangeSchema);
const EntrySchema = z.strictObject({
  revision: RevisionSchema,
  group: GroupSchema.extend({
    changes: z.array(AnyChange).max(200_000),
    // An earlier program took names that nobody can read.
    name: z
      .string()
      .max(300)
      .transform((name) => (/\S/.test(name) ? name : 'A change')),
  }),
  inverse: z.array(AnyChange),
  at: z.iso.datetime(),
  by: z.string().max(40),
});
const PlanSchema = z.strictObject({
  file: z.string(),
  revision: RevisionSchema,
  journal: z.array(EntrySchema).min(1),
});
const ContentSchema = z.strictObject({ written: z.iso.datetime(), plans: z.array(PlanSchema) });

interface BackedUp {
  plan: Plan;
  pictures: Pictures;
  revision: number;
  journal: JournalEntry[];
}

export interface Backup {
  written: string;
  plans: BackedUp[];
}

/** Writes all plans of a store. */
export async function writeBackup(store: Store, now: Date): Promise<Buffer> {
  const plans = [];
  for (const { id } of await store.list()) {
    const { plan, revision } = (await store.read(id))!;
    plans.push({
      file: writePlanFile(plan, await store.pictures(plan, 'all')),
      revision,
      journal: await store.journal(id, 0),
    });
  }
  const content = JSON.stringify({ written: now.toISOString(), plans });
  const sum = createHash('sha256').update(content).digest('hex');
  return gzipSync(JSON.stringify({ format: FORMAT, version: 1, sum, content }));
}

/** Reads a backup whole. @throws BackupError that says what is wrong with it */
export function readBackup(bytes: Uint8Array): Backup {
  let outer: { format?: unknown; version?: unknown; sum?: unknown; content?: unknown };
  try {
    outer = JSON.parse(gunzipSync(bytes, { maxOutputLength: 2 ** 30 }).toString('utf8')) as typeof outer;
  } catch {
    throw new BackupError('This file is no backup, or it is damaged: it cannot be unpacked.');
  }
  if (outer?.format !== FORMAT) throw new BackupError('This file is no backup of Heronstone.');
  if (outer.version !== 1) throw new BackupError('This backup was written by a newer Heronstone. Update the program.');
  if (typeof outer.content !== 'string' || createHash('sha256').update(outer.content).digest('hex') !== outer.sum)
    throw new BackupError('This backup is damaged: what is in it is not what was written.');
  const content = ContentSchema.safeParse(JSON.parse(outer.content));
  if (!content.success)
    throw new BackupError(`This backup is damaged: ${content.error.issues[0]?.path.join('.')} is not as it should be.`);
  const plans = content.data.plans.map(({ file, revision, journal }): BackedUp => {
    const read = readPlanFile(file);
    if (!read.ok) throw new BackupError(`A plan in this backup is damaged: ${read.findings[0]?.message}`);
    if (journal.at(-1)!.revision !== revision) throw new BackupError('A journal in this backup is not whole.');
    return { plan: read.plan, pictures: read.pictures, revision, journal };
  });
  return { written: content.data.written, plans };
}

/** What a restore would do, for a person to look at first. */
export async function previewOf(store: Store, backup: Backup) {
  const here = new Map((await store.list()).map((p) => [p.id, p]));
  return {
    written: backup.written,
    plans: backup.plans.map(({ plan, pictures, revision, journal }) => ({
      id: plan.meta.id,
      name: plan.meta.name,
      supplies: Object.keys(plan.supplies).length,
      photographs: Object.keys(pictures).length,
      steps: journal.length,
      revision,
      /** The plan of that id that is here and would be replaced. */
      replaces: here.has(plan.meta.id)
        ? { name: here.get(plan.meta.id)!.name, revision: here.get(plan.meta.id)!.revision }
        : null,
    })),
  };
}

/** How many dated copies are kept: the last days, then one a week, then one a month. */
const KEPT = { days: 7, weeks: 4, months: 12 } as const;

/** Which dated copies are kept, of days like 2027-03-31, newest first. */
export function keptCopies(days: readonly string[]): Set<string> {
  const sorted = [...days].sort().reverse();
  const kept = new Set(sorted.slice(0, KEPT.days));
  const one = (of: (day: string) => string, most: number) => {
    const seen = new Set<string>();
    for (const day of sorted) {
      const key = of(day);
      if (seen.has(key) || seen.size >= most) continue;
      seen.add(key);
      kept.add(day);
    }
  };
  const week = (day: string) => String(Math.floor((Date.parse(day) / 86_400_000 + 3) / 7));
  one(week, KEPT.weeks);
  one((day) => day.slice(0, 7), KEPT.months);
  return kept;
}

/** Writes today's copy beside the data, unless there is one, and takes away those that are too many. */
export async function keepCopy(store: Store, data: string, now: Date): Promise<string | null> {
  if ((await store.list()).length === 0) return null;
  const folder = join(data, 'copies');
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `${now.toISOString().slice(0, 10)}.heronbackup`);
  if (!existsSync(file)) {
    writeFileSync(`${file}.part`, await writeBackup(store, now));
    renameSync(`${file}.part`, file);
  }
  const days = readdirSync(folder).flatMap((f) => /^(\d{4}-\d\d-\d\d)\.heronbackup$/.exec(f)?.[1] ?? []);
  const kept = keptCopies(days);
  for (const day of days) if (!kept.has(day)) rmSync(join(folder, `${day}.heronbackup`), { force: true });
  return file;
}
