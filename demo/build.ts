/** Makes demo/plan.json from room.ts and supplies.txt: `npm run demo-plan`. The scenario is described in demo/README.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { sheetThickness } from '@heronstone/core/fit/sheets.ts';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import { emptyPlan, SUPPLY_DEFAULTS, type Plan, type Supply } from '@heronstone/core/model/plan.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { usualUse } from '@heronstone/core/fit/usedUp.ts';
import { usualOrientations } from '@heronstone/core/fit/forms.ts';
import { readMarks } from '@heronstone/library/starter.ts';
import { boxes } from './demoContainers.ts';
import { ACTIVITIES, room } from './demoRoom.ts';
import { isPretty, sortsOf } from './demoSorts.ts';
import { year } from './year.ts';

/** Spares, reorder points and what was decided already, for some of them. */
const MORE: Readonly<Record<string, Partial<Supply>>> = {
  'acrylics-bottled': { backstock: 8, reorderAt: 30 },
  'wood-glue': { backstock: 1, reorderAt: 3 },
  'sanding-sheets-fine': { backstock: 20 },
  'glue-sticks': { backstock: 20, reorderAt: 20 },
  'card-a4-coloured': { backstock: 50, reorderAt: 60 },
  'packing-tape': { backstock: 2, reorderAt: 2 },
  'finished-hand-puppets': { decision: 'keep' },
  'shop-receipts': { decision: 'elsewhere' },
  'stage-lamps': { season: 'winter' },
};

function supplies(): Change[] {
  const changes: Change[] = [];
  const lines = readFileSync(new URL('supplies.txt', import.meta.url), 'utf8')
    .split('\n')
    .filter((l) => l !== '' && !l.startsWith('#'));
  for (const line of lines) {
    const [name, category, form, count, sizes, weight, uses, place, marks] = line
      .split('|')
      .map((cell) => cell.trim()) as [string, string, Supply['form'], string, string, string, string, string, string];
    const id = name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/-$/, '');
    const [length, width, thickness] = sizes.split('x').map(Number) as [number, number, number?];
    const { flat, ...asks } = readMarks(marks);
    const round = form === 'rolls' || form === 'bottles';
    const grammage = weight.endsWith('gsm') ? Number.parseFloat(weight) : null;
    changes.push(
      set('supplies', id, {
        ...SUPPLY_DEFAULTS,
        id,
        name,
        category,
        form,
        count: Number(count),
        length,
        width,
        thickness: thickness ?? (round ? width : Math.round(sheetThickness(grammage!) * 1000) / 1000),
        grammage,
        mass: grammage === null ? Number.parseFloat(weight) : null,
        orientations: flat ? ['flat'] : usualOrientations(form),
        ...usualUse({ form, category }),
        note: '',
        squeeze: form === 'soft' ? 0.8 : 1,
        ...asks,
        traits: [...asks.traits, ...(isPretty(id) ? (['pretty'] as const) : [])],
        ...sortsOf(id),
        ...(MORE[id] ?? {}),
      }),
    );
    for (const use of uses.split(', ')) {
      const [key, fetches] = use.split(' ') as [keyof typeof ACTIVITIES, string];
      changes.push(
        set('uses', `${id}-${key}`, {
          id: `${id}-${key}`,
          supply: id,
          activity: ACTIVITIES[key].id,
          fetches: Number(fetches),
        }),
      );
    }
    if (place === '-') {
      changes.push(set('supplies', id, { hunted: true }));
      continue;
    }
    const [at, slot = at === 'trunk' ? 'box' : at, box] = place.split(' ') as [string, string?, string?];
    changes.push(
      set('placements', `${id}_t1`, {
        id: `${id}_t1`,
        arrangement: 'today',
        supply: id,
        unit: at,
        slot,
        container: box ?? null,
        count: Number(count),
        orientation: null,
        pinned: false,
        spare: false,
      }),
    );
  }
  return changes;
}

/** A plan as it is when its file has been read. */
function asRead(plan: Plan): Plan {
  const read = readPlanFile(writePlanFile(plan));
  if (!read.ok) throw new Error(read.findings[0]!.message);
  return read.plan;
}

/** The demo plan: today as it grew by chance, and the plan that the solver makes of it with seed 5. */
export function buildDemo(): Plan {
  const empty = emptyPlan({ id: 'demo', name: 'Puppet workshop', room: 'Box room', ceiling: 2380 });
  // In the order of a plan file: the same rows in another order may be given other homes.
  const today = asRead(applyChanges(empty, [...room(), ...boxes(), ...supplies()]).plan);
  const plan = applyChanges(today, changesTo(today, solveAll(today, { seed: 5 }))).plan;
  return applyChanges(plan, year(plan)).plan;
}

if (process.argv[1]?.endsWith('build.ts'))
  writeFileSync(new URL('plan.json', import.meta.url), writePlanFile(buildDemo()));
