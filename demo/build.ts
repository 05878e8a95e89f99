/** Makes demo/plan.json from the room below and supplies.txt: `npm run demo-plan`. The scenario is described in demo/README.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { sheetThickness } from '@heronstone/core/fit/sheets.ts';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import { emptyPlan, type Plan, type Supply, type Unit } from '@heronstone/core/model/plan.ts';
import { changesTo, solveAll } from '@heronstone/core/place/solve.ts';
import { usualOrientations } from '@heronstone/core/sort/read.ts';
import { UNIT_TYPES } from '@heronstone/library/units.ts';

const ACTIVITIES = {
  c: { id: 'carving', name: 'Carving heads and hands', sessionsPerWeek: 3, minutes: 90, station: 'seat-bench' },
  p: { id: 'pulp', name: 'Paper pulp and pasting', sessionsPerWeek: 1, minutes: 120, station: 'stand-bench' },
  v: { id: 'painting', name: 'Painting and varnish', sessionsPerWeek: 2.5, minutes: 75, station: 'seat-bench' },
  s: { id: 'sewing', name: 'Costume sewing', sessionsPerWeek: 2, minutes: 90, station: 'seat-sewing' },
  j: { id: 'stringing', name: 'Jointing and stringing', sessionsPerWeek: 2, minutes: 60, station: 'seat-bench' },
  t: { id: 'theatre', name: 'Cutting toy-theatre scenery', sessionsPerWeek: 1.5, minutes: 90, station: 'stand-bench' },
  f: { id: 'packing', name: 'Packing for fairs', sessionsPerWeek: 0.5, minutes: 120, station: 'stand-bench' },
} as const;

function unit(
  title: string,
  id: string,
  name: string,
  at: Pick<Unit, 'x' | 'y' | 'turn'>,
  more: Partial<Unit> = {},
): Change {
  return set('units', id, { ...UNIT_TYPES.find((t) => t.title === title)!.shape, id, name, ...at, ...more });
}

/** The room and everything in it, before any supply. */
function room(): Change[] {
  const corner = (id: string, order: number, x: number, y: number, wall: string) =>
    set('corners', id, { id, order, x, y, wall, taped: null });
  return [
    corner('nw', 0, 0, 0, 'North wall'),
    corner('aw', 1, 1560, 0, 'Alcove, west side'),
    corner('an', 2, 1560, -600, 'Alcove, back'),
    corner('ae', 3, 2460, -600, 'Alcove, east side'),
    corner('cb', 4, 2460, 0, 'Chimney breast'),
    corner('ne', 5, 3450, 0, 'East wall'),
    corner('se', 6, 3450, 2950, 'South wall'),
    corner('sw', 7, 0, 2950, 'West wall'),
    set('openings', 'door', {
      id: 'door',
      kind: 'door',
      corner: 'se',
      offset: 60,
      width: 760,
      height: 2000,
      sill: 0,
      hinge: 'left',
      swing: 'in',
    }),
    set('openings', 'window', {
      id: 'window',
      kind: 'window',
      corner: 'sw',
      offset: 1050,
      width: 1200,
      height: 1150,
      sill: 950,
      hinge: 'left',
      swing: 'none',
    }),
    set('fixtures', 'heater', {
      id: 'heater',
      kind: 'heater',
      corner: 'sw',
      offset: 1150,
      width: 1000,
      height: 550,
      depth: 90,
      bottom: 120,
    }),
    set('fixtures', 'socket-west', {
      id: 'socket-west',
      kind: 'socket',
      corner: 'sw',
      offset: 700,
      width: 146,
      height: 86,
      depth: 10,
      bottom: 300,
    }),
    set('fixtures', 'socket-north', {
      id: 'socket-north',
      kind: 'socket',
      corner: 'cb',
      offset: 400,
      width: 146,
      height: 86,
      depth: 10,
      bottom: 300,
    }),
    set('fixtures', 'fuses', {
      id: 'fuses',
      kind: 'fuse board',
      corner: 'ne',
      offset: 2400,
      width: 320,
      height: 420,
      depth: 110,
      bottom: 1500,
    }),
    set('people', 'maker', { id: 'maker', name: 'The maker', stature: 1660 }),
    set('people', 'apprentice', { id: 'apprentice', name: 'The apprentice', stature: 1420 }),
    unit(
      'Work table',
      'bench',
      'Workbench',
      { x: 300, y: 1180, turn: 270 },
      { width: 1600, depth: 600, height: 760, board: 45, storeDepth: 160 },
    ),
    unit(
      'Work table',
      'sewtable',
      'Sewing table',
      { x: 1090, y: 260, turn: 0 },
      { width: 900, depth: 520, height: 730, storeDepth: 120 },
    ),
    unit('Slim drawer unit', 'slim', 'Slim drawers', { x: 240, y: 2190, turn: 270 }),
    unit('Tall drawer unit', 'tall', 'Tall drawers', { x: 240, y: 2590, turn: 270 }),
    unit('Cube shelf', 'cubes', 'Cube shelf', { x: 3260, y: 560, turn: 90 }),
    unit('Bookcase', 'books', 'Bookcase', { x: 2010, y: -440, turn: 0 }, { depth: 320 }),
    unit('Three-tier cart', 'cart', 'Cart', { x: 1350, y: 2720, turn: 180 }),
    unit('Pegboard', 'peg', 'Pegboard', { x: 1090, y: 10, turn: 0 }),
    unit('Wall shelf', 'shelfW', 'West wall shelf', { x: 100, y: 2440, turn: 270 }, { bottom: 1500 }),
    unit(
      'Wall shelf',
      'shelfE',
      'East wall shelf',
      { x: 3340, y: 1500, turn: 90 },
      { depth: 220, bottom: 1650, width: 900, tiers: [420] },
    ),
    unit('Trunk', 'trunk', 'Trunk', { x: 3230, y: 1740, turn: 90 }, { width: 1000, depth: 440, height: 480 }),
    set('stations', 'seat-bench', {
      id: 'seat-bench',
      name: 'Carving bench',
      unit: 'bench',
      person: 'maker',
      x: 860,
      y: 1150,
      facing: 270,
      posture: 'seated',
      seatHeight: 480,
    }),
    set('stations', 'stand-bench', {
      id: 'stand-bench',
      name: 'Bench, standing',
      unit: 'bench',
      person: 'maker',
      x: 830,
      y: 1880,
      facing: 270,
      posture: 'standing',
      seatHeight: 480,
    }),
    set('stations', 'seat-sewing', {
      id: 'seat-sewing',
      name: 'Sewing table',
      unit: 'sewtable',
      person: 'maker',
      x: 1090,
      y: 780,
      facing: 0,
      posture: 'seated',
      seatHeight: 450,
    }),
    ...Object.values(ACTIVITIES).map((a) => set('activities', a.id, a)),
  ];
}

function supplies(): Change[] {
  const changes: Change[] = [];
  const lines = readFileSync(new URL('supplies.txt', import.meta.url), 'utf8')
    .split('\n')
    .filter((l) => l !== '' && !l.startsWith('#'));
  for (const line of lines) {
    const [name, category, form, count, sizes, weight, uses, place] = line.split('|').map((cell) => cell.trim()) as [
      string,
      string,
      Supply['form'],
      string,
      string,
      string,
      string,
      string,
    ];
    const id = name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/-$/, '');
    const [length, width, thickness] = sizes.split('x').map(Number) as [number, number, number?];
    const grammage = weight.endsWith('gsm') ? Number.parseFloat(weight) : null;
    changes.push(
      set('supplies', id, {
        id,
        name,
        category,
        form,
        count: Number(count),
        length,
        width,
        thickness: thickness ?? Math.round(sheetThickness(grammage!) * 1000) / 1000,
        grammage,
        mass: grammage === null ? Number.parseFloat(weight) : null,
        orientations: usualOrientations(form),
        goesBack: form === 'pieces' && /tools|machines|safety|brushes|cutting|patterns|theatre|moulds/.test(category),
        note: '',
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
    if (place === '-') continue;
    const [at, slot = at === 'trunk' ? 'box' : at] = place.split(' ') as [string, string?];
    changes.push(
      set('placements', `${id}_t1`, {
        id: `${id}_t1`,
        arrangement: 'today',
        supply: id,
        unit: at,
        slot,
        count: Number(count),
        orientation: null,
        locked: false,
      }),
    );
  }
  return changes;
}

/** The demo plan: today as it grew by chance, and the plan that the solver makes of it with seed 1. */
export function buildDemo(): Plan {
  const empty = emptyPlan({ id: 'demo', name: 'Puppet workshop', room: 'Box room', ceiling: 2380 });
  const today = applyChanges(empty, [...room(), ...supplies()]).plan;
  return applyChanges(today, changesTo(today, solveAll(today, { seed: 1 }))).plan;
}

if (process.argv[1]?.endsWith('build.ts'))
  writeFileSync(new URL('plan.json', import.meta.url), writePlanFile(buildDemo()));
