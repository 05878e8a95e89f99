/** What keeping a room up asks for: lists of what to look at, each line with changes that one click makes. */
import { placeOf } from '../report/placeOf.ts';
import { remove, set, type Change } from '../model/change.ts';
import type { Report } from '../report/evaluate.ts';
import { byName, type Placement, type Plan } from '../model/plan.ts';
import { openingOf } from '../scene/scene.ts';
import { inSeason } from './seasons.ts';
import { daysBetween, monthsBetween, usedOf } from '../model/log.ts';

export const REVIEW_WORDS = {
  reorder: 'To reorder',
  new: 'New things that want a place',
  trial: 'Trial labels past their time',
  unused: 'Not used recently',
  far: 'Always fetched from far',
  elsewhere: 'Always put back elsewhere',
  looked: 'Looked for elsewhere first',
  over: 'Overfull places',
  homes: 'Kept in too many places',
  retired: 'Retired things in the best spots',
  undecided: 'Waiting for a decision',
  season: 'Seasons',
  purge: 'Time for a purge',
} as const;
export type ReviewKind = keyof typeof REVIEW_WORDS;
export const REVIEWS = Object.keys(REVIEW_WORDS) as ReviewKind[];

export interface Proposal {
  /** On the button, and in the log book. */
  words: string;
  /** What it changes; null where the place is for the program to find (planning what has no place). */
  changes: Change[];
  /** A place is sought for what has none afterwards. */
  thenPlace: boolean;
}

export interface ReviewLine {
  kind: ReviewKind;
  id: string;
  title: string;
  why: string;
  /** Where to look, compartments. */
  places: string[];
  proposals: Proposal[];
}

/** How many times the same is to be seen before it is said. */
const OFTEN = 2;
/** A thing fetched at least this often a week from further than a swivel is worth moving. Our figure, no source. */
const FAR_FETCHES = 1;

/**
 * All lines that are due.
 * @param today the day, 2027-03-31
 */
export function reviewOf(plan: Plan, report: Report, today: string): ReviewLine[] {
  return [
    ...reorder(plan, report),
    ...newThings(plan),
    ...trials(plan, report, today),
    ...unused(plan, report, today),
    ...far(plan, report),
    ...logged(plan, report),
    ...overFull(plan, report),
    ...homes(plan, report),
    ...retired(plan, report),
    ...undecided(plan, today),
    ...seasons(plan, today),
    ...purge(plan, today),
  ];
}

/** A line about a supply or a season. */
const about = (
  kind: ReviewKind,
  s: { id: string; name: string },
  why: string,
  places: string[],
  ...proposals: Proposal[]
): ReviewLine => ({
  ...{ kind, id: s.id, title: s.name, why, places, proposals },
});
const proposal = (words: string, changes: Change[], thenPlace = false): Proposal => ({ words, changes, thenPlace });
const rowsOf = (plan: Plan, supply: string, which: Placement['arrangement']) =>
  Object.values(plan.placements).filter((p) => p.supply === supply && p.arrangement === which);
/** Takes a thing out of the plan, so that a place is sought for it. */
const unplan = (plan: Plan, supply: string): Change[] =>
  rowsOf(plan, supply, 'planned').map((p) => remove('placements', p.id));
const placesOf = (report: Report, supply: string) => [
  ...new Set(
    Object.values(report.placements).flatMap((p) =>
      p.supply === supply && p.arrangement === 'today' ? [p.compartment] : [],
    ),
  ),
];

function reorder(plan: Plan, report: Report): ReviewLine[] {
  return byName(plan.supplies)
    .filter((s) => s.decision !== 'give away' && report.supplies[s.id]!.reorder)
    .map((s) =>
      about(
        'reorder',
        s,
        s.backstock === 0 || s.count <= s.reorderAt!
          ? `${s.count} left; to be reordered at ${s.reorderAt}`
          : `the spares are opened: ${s.count} left`,
        placesOf(report, s.id),
        proposal(
          `Bought: ${bought(s.reorderAt!)} more`,
          [set('supplies', s.id, { count: s.count + bought(s.reorderAt!), backstock: Math.max(s.backstock, 1) })],
          true,
        ),
        proposal('Never reorder', [set('supplies', s.id, { reorderAt: null })]),
      ),
    );
}

const bought = (reorderAt: number) => Math.max(1, reorderAt);

function newThings(plan: Plan): ReviewLine[] {
  const used = usedOf(plan);
  const { newUses } = plan.meta.upkeep;
  return byName(plan.supplies)
    .filter((s) => s.life === 'new' && (used.get(s.id)?.times ?? 0) >= newUses)
    .map((s) =>
      about(
        'new',
        s,
        `used ${used.get(s.id)!.times} times since it came; it has earned a place`,
        [],
        proposal('Find a place', [set('supplies', s.id, { life: 'current' }), ...unplan(plan, s.id)], true),
      ),
    );
}

function trials(plan: Plan, report: Report, today: string): ReviewLine[] {
  return Object.values(plan.labels)
    .filter((l) => l.state === 'trial' && daysBetween(l.since, today) >= plan.meta.upkeep.trialDays)
    .sort((a, b) => (a.since < b.since ? -1 : 1))
    .map((l) => {
      const opening = `${l.unit}/${l.slot}`;
      const place = placeOf(report, opening)?.name ?? plan.units[l.unit]!.name;
      return {
        kind: 'trial',
        id: l.id,
        title: place,
        why: `on trial for ${daysBetween(l.since, today)} days`,
        places: [opening],
        proposals: [
          proposal('Make permanent', [set('labels', l.id, { state: 'permanent', since: today })]),
          proposal('Go on trying', [set('labels', l.id, { since: today })]),
        ],
      };
    });
}

function unused(plan: Plan, report: Report, today: string): ReviewLine[] {
  const used = usedOf(plan);
  const { unusedMonths } = plan.meta.upkeep;
  return byName(plan.supplies).flatMap((s): ReviewLine[] => {
    const last = used.get(s.id)?.last;
    if (!last || s.decision === 'give away' || s.traits.includes('keepsake') || s.life === 'retired') return [];
    const months = monthsBetween(last, today);
    if (months < unusedMonths) return [];
    return [
      about(
        'unused',
        s,
        `last used ${months} months ago, on ${last}`,
        placesOf(report, s.id),
        proposal('Give it away', [set('supplies', s.id, { decision: 'give away' }), ...unplan(plan, s.id)]),
        proposal('Retire it', [set('supplies', s.id, { life: 'retired' })]),
        proposal(
          'Move out of the room',
          [set('supplies', s.id, { decision: 'elsewhere' }), ...unplan(plan, s.id)],
          true,
        ),
      ),
    ];
  });
}

function far(plan: Plan, report: Report): ReviewLine[] {
  return Object.values(report.placements)
    .filter((p) => p.arrangement === 'today' && p.ripple !== null && p.ripple >= 5 && p.fetchesPerWeek >= FAR_FETCHES)
    .sort((a, b) => b.minutesPerWeek - a.minutesPerWeek)
    .slice(0, 12)
    .map((p) => ({
      kind: 'far',
      id: p.id,
      title: plan.supplies[p.supply]!.name,
      why: `${p.secondsPerFetch.toFixed(0)} s each time, ${Number(p.fetchesPerWeek.toFixed(1))} times a week, from ${p.place}`,
      places: [p.compartment],
      proposals: [proposal('Find a nearer place', unplan(plan, p.supply), true)],
    }));
}

/** Put back elsewhere, or looked for elsewhere first: the same place more than once. */
function logged(plan: Plan, report: Report): ReviewLine[] {
  const seen = new Map<
    string,
    { kind: 'elsewhere' | 'looked'; supply: string; unit: string; slot: string; ids: string[] }
  >();
  for (const log of Object.values(plan.logs)) {
    if (log.kind === 'used' || log.unit === null || log.slot === '') continue;
    const kind = log.kind === 'put elsewhere' ? 'elsewhere' : 'looked';
    if (rowsOf(plan, log.supply, 'planned').some((p) => p.unit === log.unit && p.slot === log.slot)) continue;
    const key = `${kind} ${log.supply} ${log.unit}/${log.slot}`;
    const row = seen.get(key) ?? { kind, supply: log.supply, unit: log.unit, slot: log.slot, ids: [] };
    row.ids.push(log.id);
    seen.set(key, row);
  }
  return [...seen.entries()]
    .filter(([, row]) => row.ids.length >= OFTEN)
    .sort(([, a], [, b]) => b.ids.length - a.ids.length)
    .map(([key, { kind, supply, unit, slot, ids }]) => {
      const place = placeOf(report, `${unit}/${slot}`)?.name ?? plan.units[unit]!.name;
      const rows = rowsOf(plan, supply, 'planned');
      const there = rows.map((p) =>
        set('placements', p.id, { unit, slot, container: null, orientation: null, part: null, pinned: true }),
      );
      return {
        kind,
        id: key,
        title: plan.supplies[supply]!.name,
        why: `${kind === 'elsewhere' ? 'put back into' : 'looked for first in'} ${place} ${ids.length} times`,
        places: [`${unit}/${slot}`],
        proposals: [
          ...(rows.length > 0 ? [proposal(`Let ${place} be its place`, there)] : []),
          proposal(
            'Leave it as it is',
            ids.map((id) => remove('logs', id)),
          ),
        ],
      };
    });
}

function overFull(plan: Plan, report: Report): ReviewLine[] {
  return report.compartments
    .filter((c) => c.fill.today.state === 'over')
    .map((c) => ({
      kind: 'over',
      id: c.id,
      title: c.name,
      why: `asked for ${Math.round(c.fill.today.share * 100)} % of its room`,
      places: [c.id],
      proposals: [
        proposal(
          'Plan its things again',
          c.contents.planned.filter((id) => !plan.placements[id]!.pinned).map((id) => remove('placements', id)),
          true,
        ),
      ].filter((p) => p.changes.length > 0),
    }));
}

function homes(plan: Plan, report: Report): ReviewLine[] {
  const kinds = new Map<string, Map<string, Set<string>>>();
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== 'today' || p.spare) continue;
    const kind = plan.supplies[p.supply]!.category;
    const units = kinds.get(kind) ?? new Map<string, Set<string>>();
    const unit = plan.placements[p.id]!.unit;
    units.set(unit, (units.get(unit) ?? new Set()).add(p.supply));
    kinds.set(kind, units);
  }
  return [...kinds.entries()]
    .filter(([kind, units]) => kind !== '' && units.size >= 4)
    .sort(([, a], [, b]) => b.size - a.size)
    .map(([kind, units]) => {
      const [main] = [...units.entries()].sort(([, a], [, b]) => b.size - a.size)[0]!;
      const strays = [...units.entries()].flatMap(([unit, things]) => (unit === main ? [] : [...things]));
      return {
        kind: 'homes',
        id: kind,
        title: kind,
        why: `in ${units.size} pieces of furniture; most in ${plan.units[main]!.name}`,
        places: [],
        proposals: [
          proposal(
            'Plan the strays again',
            [...new Set(strays)].flatMap((s) => unplan(plan, s)),
            true,
          ),
        ].filter((p) => p.changes.length > 0),
      };
    });
}

function retired(plan: Plan, report: Report): ReviewLine[] {
  return byName(plan.supplies).flatMap((s): ReviewLine[] => {
    const near = Object.values(report.placements).find(
      (p) => p.supply === s.id && p.arrangement === 'today' && p.ripple !== null && p.ripple <= 3,
    );
    if (s.life !== 'retired' || s.decision === 'give away' || !near) return [];
    return [
      about(
        'retired',
        s,
        `retired, and still within reach in ${near.place}`,
        [near.compartment],
        proposal(
          'Move out of the room',
          [set('supplies', s.id, { decision: 'elsewhere' }), ...unplan(plan, s.id)],
          true,
        ),
        proposal('Give it away', [set('supplies', s.id, { decision: 'give away' }), ...unplan(plan, s.id)]),
        proposal('Back in use', [set('supplies', s.id, { life: 'current' })]),
      ),
    ];
  });
}

function undecided(plan: Plan, today: string): ReviewLine[] {
  return byName(plan.supplies)
    .filter((s) => s.decision === 'undecided' && (s.decideBy === null || s.decideBy <= today))
    .map((s) =>
      about(
        'undecided',
        s,
        s.decideBy === null ? 'nothing was decided yet' : `decision due by ${s.decideBy}`,
        [],
        proposal('Keep it', [set('supplies', s.id, { decision: 'keep', decideBy: null })], true),
        proposal('Give it away', [
          set('supplies', s.id, { decision: 'give away', decideBy: null }),
          ...unplan(plan, s.id),
        ]),
      ),
    );
}

/** Seasons whose things should be in and are out, or the other way round; the round itself is made by seasonRound. */
function seasons(plan: Plan, today: string): ReviewLine[] {
  return byName(plan.seasons).flatMap((s): ReviewLine[] => {
    const own = new Set(Object.values(plan.supplies).flatMap((x) => (x.season === s.name ? [x.id] : [])));
    const rows = Object.values(plan.placements).filter((p) => own.has(p.supply) && p.arrangement === 'today');
    if (rows.length === 0) return [];
    const out = rows.some(
      (p) => p.returns !== null || (p.container !== null && plan.containers[p.container]!.returns !== null),
    );
    const wanted = inSeason(s, today);
    if (wanted !== out) return [];
    return [
      about(
        'season',
        s,
        wanted ? 'it is in season, and its things are away' : 'over, but its things are still in the room',
        rows.map((p) => openingOf(`${p.unit}/${p.slot}`)),
      ),
    ];
  });
}

function purge(plan: Plan, today: string): ReviewLine[] {
  const { purged, purgeMonths } = plan.meta.upkeep;
  if (Object.keys(plan.supplies).length === 0) return [];
  if (purged !== null && monthsBetween(purged, today) < purgeMonths) return [];
  return [
    {
      kind: 'purge',
      id: 'purge',
      title: 'Go through everything and decide',
      why: purged === null ? 'not noted yet' : `last done ${monthsBetween(purged, today)} months ago`,
      places: [],
      proposals: [
        proposal('Done today', [
          { table: 'meta', id: plan.meta.id, set: { upkeep: { ...plan.meta.upkeep, purged: today } } },
        ]),
      ],
    },
  ];
}
