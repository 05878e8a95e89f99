/** Sample rooms to look at or to start from: five made-up rooms of other crafts, and the puppet workshop of the demo. */
import { readFileSync } from 'node:fs';
import { drawAbove, type Drawing, type Layer } from '@heronstone/core/formats/drawing.ts';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { writeSvg } from '@heronstone/core/formats/svg.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { ROOMS, sampleRoom } from '../demo/sampleRooms.ts';

export interface Sample {
  key: string;
  name: string;
  /** What is made there and how much is in it, in a line. */
  words: string;
  units: Plan['meta']['units'];
}

const DEMO = 'puppets';
const SAMPLE_KEYS: readonly string[] = [...Object.keys(ROOMS), DEMO];
/** What a small picture shows. */
const SHOWN: ReadonlySet<Layer> = new Set(['walls', 'openings', 'furniture']);
const PICTURE_SCALE = 40;

/** Made once, when a room is first asked for. */
const made = new Map<string, Plan>();

function demoPlan(): Plan {
  const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(read.findings[0]?.message);
  return read.plan;
}

/** The plan of a sample room; null where there is none of this key. */
export function samplePlan(key: string): Plan | null {
  if (!SAMPLE_KEYS.includes(key)) return null;
  const known = made.get(key);
  if (known) return known;
  const plan = key === DEMO ? demoPlan() : sampleRoom(key);
  made.set(key, plan);
  return plan;
}

export function samples(): Sample[] {
  return SAMPLE_KEYS.map((key) => {
    const plan = samplePlan(key)!;
    const crafts = Object.values(plan.activities)
      .map((a) => a.name)
      .sort((a, b) => a.localeCompare(b, 'en'));
    const many = (table: 'units' | 'supplies') => Object.keys(plan[table]).length;
    return {
      key,
      name: plan.meta.name,
      words: `${crafts.slice(0, 3).join(', ')}${crafts.length > 3 ? ' and more' : ''}; ${many('units')} pieces of furniture, ${many('supplies')} supplies`,
      units: plan.meta.units,
    };
  });
}

/** A room from above as a small SVG. */
export function samplePicture(key: string): string | null {
  const plan = samplePlan(key);
  if (!plan) return null;
  const drawing: Drawing = drawAbove(plan);
  return writeSvg({ ...drawing, shapes: drawing.shapes.filter((s) => SHOWN.has(s.layer)) }, PICTURE_SCALE);
}
