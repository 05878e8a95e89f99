/** Which findings a person should see first, and which are told of by their kind; and those that the maker knows of already. */
import { groupBy } from '../model/groups.ts';
import { once } from '../model/memo.ts';
import { keyOf, type Finding } from '../model/finding.ts';

/** How much a kind of finding matters among cautions, least first: what can hurt, what cannot be opened or got at, the work, the things. */
const RANK: ReadonlyArray<readonly string[]> = [
  ['fuse board not clear', 'hot and flammable', 'danger'],
  [
    'door meets it',
    'door blocked',
    'window meets it',
    'socket covered',
    'switch covered',
    'heater covered',
    'vent covered',
    'water covered',
    'fixed thing met',
  ],
  [
    'cannot open',
    'no room before it',
    'open into each other',
    'seat cannot roll back',
    'opens over the seat',
    'seats back to back',
    'head room',
    'legs meet it',
    'narrow way',
  ],
  ['in the way', 'door meets area', 'area outside room', 'cannot open then', 'seat in the way'],
  ['heavy lift', 'too much weight'],
];
/** What is said of many at once, at the end. */
const LAST: ReadonlySet<string> = new Set([
  'fix to the wall',
  'overfull',
  'set torn',
  'shelf sags',
  'dust on cloth or paper',
]);
/** The most cautions that are shown each by itself. */
const FIRST = 7;

function rank(f: Finding): number {
  if (f.severity === 'error') return -1;
  const at = RANK.findIndex((codes) => codes.includes(f.code));
  return at >= 0 ? at : LAST.has(f.code) ? RANK.length + 1 : RANK.length;
}

export interface Prioritised {
  /** Each by itself, what matters most first. */
  first: Finding[];
  /** The rest by their kind. */
  grouped: Array<{ code: string; findings: Finding[] }>;
  /** Those that the maker knows of. */
  accepted: Finding[];
}

/** Findings in the order in which they are shown. All errors come first, then the cautions that matter most. */
export function prioritise(findings: readonly Finding[]): Prioritised {
  const open = findings.filter((f) => !f.accepted);
  const sorted = open
    .map((f, i) => ({ f, i }))
    .sort((a, b) => rank(a.f) - rank(b.f) || a.i - b.i)
    .map(({ f }) => f);
  const errors = sorted.filter((f) => f.severity === 'error');
  const cautions = sorted.filter((f) => f.severity !== 'error');
  // Each by itself only as far as it is of the kinds that matter; the others are grouped together whole.
  const own = cautions.filter((f) => rank(f) < RANK.length).slice(0, FIRST);
  const grouped = groupBy(cautions, (f) => (own.includes(f) ? undefined : f.code));
  return {
    first: [...errors, ...own],
    grouped: [...grouped].map(([code, list]) => ({ code, findings: list })),
    accepted: findings.filter((f) => f.accepted),
  };
}

const marked = once((f: Finding): Finding => ({ ...f, accepted: true }));

/** Findings with those marked that the maker knows of. An error cannot be accepted. */
export function withAccepted(findings: readonly Finding[], accepted: readonly string[]): Finding[] {
  if (accepted.length === 0) return [...findings];
  const known = new Set(accepted);
  return findings.map((f) => (f.severity === 'error' || !known.has(keyOf(f)) ? f : marked(f)));
}
