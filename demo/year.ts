/** A made-up year in the puppet workshop: what was used when, what was put back elsewhere, labels on trial, projects, seasons. */
import { set, setMeta, type Change, type JournalEntry } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { dayAfter, logLine } from '@heronstone/core/model/log.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';

/** The year that was logged. */
const FROM = '2025-11-24';
const WEEKS = 52;
/** Lines that nobody took out in that year, with the day they were used last. */
const FORGOTTEN: Readonly<Record<string, string>> = {
  'pinking-shears': '2024-05-11',
  'modelling-wax': '2024-09-02',
  'gold-leaf-booklets': '2025-02-15',
  'stage-lamps': '2025-01-04',
  raffia: '2024-11-30',
};
/** Things that came in the year, with how many times they were used since. */
const NEW: Readonly<Record<string, number>> = { 'ink-pads': 4, 'waxed-thread': 3, 'silk-scraps': 1 };

export function year(plan: Plan): Change[] {
  const random = seeded(77);
  const changes: Change[] = [];
  let n = 0;
  const log = (day: string, line: Parameters<typeof logLine>[2]) =>
    changes.push(logLine(`log${String(++n).padStart(4, '0')}`, day, line));
  for (let week = 0; week < WEEKS; week++)
    for (const activity of Object.values(plan.activities).sort((a, b) => (a.id < b.id ? -1 : 1))) {
      const uses = Object.values(plan.uses).filter(
        (u) => u.activity === activity.id && !FORGOTTEN[u.supply] && !(u.supply in NEW),
      );
      if (uses.length === 0 || random() > Math.min(1, activity.sessionsPerWeek / 2)) continue;
      const day = dayAfter(FROM, week * 7 + Math.floor(random() * 7));
      const line = uses[Math.floor(random() * uses.length)]!;
      log(day, { supply: line.supply, kind: 'used' });
    }
  // Everything else that is in use was in hand at least once.
  for (const s of Object.values(plan.supplies).sort((a, b) => (a.id < b.id ? -1 : 1)))
    if (FORGOTTEN[s.id]) changes.push(set('supplies', s.id, { lastUsed: FORGOTTEN[s.id]! }));
    else if (!(s.id in NEW)) log(dayAfter(FROM, 60 + Math.floor(random() * 290)), { supply: s.id, kind: 'used' });
  for (const [supply, times] of Object.entries(NEW)) {
    changes.push(set('supplies', supply, { life: 'new' }));
    for (let i = 0; i < times; i++) log(dayAfter(FROM, 300 + i * 12), { supply, kind: 'used' });
  }
  for (const [supply, unit, slot, times] of [
    ['small-scissors', 'peg', 'peg', 3],
    ['craft-knives', 'bench', 'top', 4],
    ['masking-tape', 'cart', 't1', 2],
  ] as const)
    for (let i = 0; i < times; i++) log(dayAfter(FROM, 200 + i * 31), { supply, kind: 'put elsewhere', unit, slot });
  for (const [supply, unit, slot, times] of [
    ['tape-measure', 'slim', 'd1', 3],
    ['glass-eyes-small', 'tall', 'd2', 2],
  ] as const)
    for (let i = 0; i < times; i++) log(dayAfter(FROM, 150 + i * 40), { supply, kind: 'looked first', unit, slot });
  const more: Readonly<Record<string, Record<string, unknown>>> = {
    'masking-tape': { reorderAt: plan.supplies['masking-tape']!.count, backstock: 0 },
    'wheat-paste-powder': { reorderAt: plan.supplies['wheat-paste-powder']!.count, backstock: 0 },
    'brass-nails': { life: 'retired' },
    'overlock-thread-cones': { decision: 'undecided', decideBy: '2026-09-30' },
    'velvet-remnants': { traits: [...plan.supplies['velvet-remnants']!.traits, 'offcut'] },
    'walnut-offcuts': { traits: [...plan.supplies['walnut-offcuts']!.traits, 'offcut'] },
    'leather-scraps': { traits: [...plan.supplies['leather-scraps']!.traits, 'offcut'] },
    'stage-lamps': { season: 'Winter fairs' },
    'fair-boxes-folded': { season: 'Easter fair' },
    gouges: { alsoCalled: 'spoon irons, sweeps' },
  };
  for (const [id, columns] of Object.entries(more)) changes.push({ table: 'supplies', id, set: columns });
  const cupboard = { unit: 'landing-cupboard', slot: 's1' };
  changes.push(
    set('seasons', 'winter', { id: 'winter', name: 'Winter fairs', from: '11-10', until: '01-06', ...cupboard }),
    set('seasons', 'easter', { id: 'easter', name: 'Easter fair', from: '03-10', until: '04-20', ...cupboard }),
  );
  for (const [unit, slot, state, since] of [
    ['slim', 'd1', 'permanent', '2026-02-14'],
    ['slim', 'd2', 'trial', '2026-08-30'],
    ['slim', 'd3', 'trial', '2026-09-13'],
    ['tall', 'd1', 'permanent', '2026-05-03'],
    ['tall', 'd2', 'trial', '2026-11-15'],
  ] as const) {
    const id = `label-${unit}-${slot}`;
    changes.push(set('labels', id, { id, unit, slot, state, since, sides: ['front'] }));
  }
  for (const [id, name, activity, due, needs] of [
    [
      'wolf',
      'Wolf, hand puppet',
      'carving',
      '2026-12-12',
      ['gouges', 'limewood-blanks-large', 'rasps', 'glass-eyes-large', 'fake-fur', 'wood-glue', 'acrylics-bottled'],
    ],
    [
      'harbour',
      'Harbour scene',
      'theatre',
      '2027-02-06',
      ['scenery-prints-a3', 'foam-board-a3', 'paper-glue', 'craft-knives', 'steel-rule-600-mm', 'inks'],
    ],
  ] as const) {
    changes.push(set('projects', id, { id, name, activity, due }));
    needs.forEach((supply, i) =>
      changes.push(
        set('pulls', `${id}-${i + 1}`, {
          id: `${id}-${i + 1}`,
          project: id,
          supply,
          count: 1,
          tray: i < 4 ? 'Tray 1' : 'Tray 2',
        }),
      ),
    );
  }
  changes.push(
    setMeta(plan, {
      upkeep: { ...plan.meta.upkeep, purged: '2026-03-07', newBin: { unit: 'trunk', slot: 'box' } },
    }),
  );
  return changes;
}

/** What was moved in that year: a supply, the day, and where it lay before. */
const MOVED: ReadonlyArray<readonly [day: string, supply: string, unit: string, slot: string]> = [
  ['2026-01-10', 'markers', 'trunk', 'box'],
  ['2026-02-14', 'small-scissors', 'trunk', 'box'],
  ['2026-03-07', 'masking-tape', 'books', 's5'],
  ['2026-04-18', 'acrylics-bottled', 'landing-cupboard', 's1'],
  ['2026-05-30', 'brushes-fine', 'books', 's6'],
  ['2026-07-11', 'gouache-tubes', 'landing-cupboard', 's1'],
  ['2026-09-05', 'sewing-thread', 'trunk', 'box'],
  ['2026-10-24', 'wood-glue', 'trunk', 'box'],
];

/** The log book of the year, oldest first: the plan is what they lead to, and they lead back to where things lay before. */
export function journal(plan: Plan): JournalEntry[] {
  const entry = (revision: number, day: string, name: string, changes: Change[], inverse: Change[]): JournalEntry => ({
    revision,
    group: { id: `year-${revision}`, name, changes, kind: 'do', target: null },
    inverse,
    at: `${day}T18:30:00.000Z`,
    by: 'demo',
  });
  return [
    entry(1, FROM, 'Create plan', [], []),
    ...MOVED.map(([day, supply, unit, slot], i) => {
      const row = Object.values(plan.placements).find((p) => p.supply === supply && p.arrangement === 'today')!;
      const { name } = plan.supplies[supply]!;
      return entry(
        i + 2,
        day,
        `Move ${name} to ${plan.units[row.unit]!.name}`,
        [set('placements', row.id, { unit: row.unit, slot: row.slot, container: row.container })],
        [set('placements', row.id, { unit, slot, container: null })],
      );
    }),
  ];
}
