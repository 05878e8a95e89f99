/** Going through everything and deciding: what each decision frees, and how much floor it takes to lay it all out. */
import { groupBy } from '../model/groups.ts';
import { FORM_FACTS, isRound } from '../fit/forms.ts';
import { massEach, volume } from '../fit/fit.ts';
import { byName, DECISIONS, type Decision, type Plan, type Supply } from '../model/plan.ts';
import { floorArea } from '../room/walls.ts';
import { settledUnits } from '../room/standing.ts';

/** Decisions that take a thing out of the room. */
const FREES: ReadonlySet<Decision> = new Set(['seasonal', 'elsewhere', 'give away']);

/** Height of a heap or pile on the floor, mm, and floor between the piles as a share of theirs. Our figures, no source. */
const PILE = { height: 150, between: 0.5 } as const;
/** Share of the free floor that one keeps to stand and walk on. */
const TO_STAND_ON = 0.3;
/** A shelf metre: boxes and books standing 300 mm deep and 300 mm high. Our figure, no source. */
const SHELF_METRE = 0.3 * 0.3 * 1000;

interface PurgeTotals {
  /** Lines by decision; those not decided yet under "open". */
  lines: Record<Decision | 'open', number>;
  decided: number;
  all: number;
  /** Litres that leave the room, and the same as metres of shelf 300 mm deep and high. */
  litres: number;
  shelfMetres: number;
  /** Grams that leave the room, of the lines whose mass is known. */
  grams: number;
  /** Lines that leave the room and whose mass is not known. */
  notWeighed: number;
}

interface Round {
  /** What is laid out together: kinds of things. */
  kinds: string[];
  supplies: string[];
  /** Floor that they take, m². */
  area: number;
}

export interface Purge {
  totals: PurgeTotals;
  /** Free floor that can be laid full, m². */
  floor: number;
  /** Floor that everything takes when it is laid out, m². */
  needed: number;
  rounds: Round[];
  /** Lines that may be the same thing twice, each group by name. */
  twice: string[][];
}

/** Floor that a supply takes when it is laid out in piles one can look through, m². */
export function floorFor(s: Supply): number {
  const [small, middle, large] = [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];
  const [a, b, up] = isRound(s.form) ? [s.width, s.width, s.length] : [large, middle, small];
  if (s.form === 'loose' || s.form === 'soft') return Math.max(a * b, (volume(s, s.count) * 1e6) / PILE.height) / 1e6;
  const high = Math.max(1, Math.floor(PILE.height / up + 1e-9));
  return (Math.ceil(s.count / high) * a * b) / 1e6;
}

/** Floor of the room that nothing stands on, m², less what one stands on oneself. */
export function freeFloor(plan: Plan): number {
  if (Object.keys(plan.corners).length < 3) return 0;
  const taken = settledUnits(plan);
  const standing = Object.values(taken).reduce(
    (sum, u) => sum + (u.elsewhere === null && u.host === null && u.bottom < 300 ? (u.width * u.depth) / 1e6 : 0),
    0,
  );
  return Math.max(0, floorArea(plan) - standing) * (1 - TO_STAND_ON);
}

/** The state of a purge: totals, and the rounds in which everything can be laid out on the floor there is. */
export function purgeOf(plan: Plan): Purge {
  const all = byName(plan.supplies);
  const lines = Object.fromEntries([...DECISIONS, 'open'].map((d) => [d, 0])) as PurgeTotals['lines'];
  let [litres, grams, notWeighed] = [0, 0, 0];
  for (const s of all) {
    lines[s.decision ?? 'open']++;
    if (s.decision === null || !FREES.has(s.decision)) continue;
    litres += volume(s, s.count);
    const each = massEach(s);
    if (each === null) notWeighed++;
    else grams += each * s.count;
  }
  const floor = freeFloor(plan);
  return {
    totals: {
      lines,
      decided: all.length - lines.open,
      all: all.length,
      litres,
      shelfMetres: litres / SHELF_METRE,
      grams,
      notWeighed,
    },
    floor,
    needed: all.reduce((sum, s) => sum + spread(s), 0),
    rounds: roundsOf(all, floor),
    twice: duplicatesIn(all),
  };
}

const spread = (s: Supply) => floorFor(s) * (1 + PILE.between);

/**
 * Rounds that each fit the floor: kinds stay together; a kind larger than the floor is cut by its lines. A single line
 * larger than the floor is a round of its own.
 */
function roundsOf(all: readonly Supply[], floor: number): Round[] {
  const kinds = groupBy(all, (s) => (s.category === '' ? FORM_FACTS[s.form].many : s.category));
  const rounds: Round[] = [];
  const limit = floor > 0 ? floor : Infinity;
  let round: Round | null = null;
  const open = (): Round => {
    const made = { kinds: [], supplies: [], area: 0 };
    rounds.push(made);
    return made;
  };
  for (const [kind, list] of [...kinds].sort(([a], [b]) => a.localeCompare(b, 'en'))) {
    const area = list.reduce((sum, s) => sum + spread(s), 0);
    if (round === null || (round.area + area > limit && area <= limit)) round = open();
    for (const s of list) {
      if (round.area + spread(s) > limit && round.supplies.length > 0) round = open();
      if (!round.kinds.includes(kind)) round.kinds.push(kind);
      round.supplies.push(s.id);
      round.area += spread(s);
    }
  }
  return rounds;
}

/** Words of a name in any order, without plural s, numbers and filler. */
function keyOf(name: string): string {
  return name
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 2)
    .map((w) => w.replace(/(?<!s)s$/, ''))
    .sort()
    .join(' ');
}

/**
 * Lines that may be the same thing twice: the same words in any order and number, in the same form, and sizes that do
 * not differ by more than a tenth.
 */
export function duplicatesIn(supplies: readonly Supply[]): string[][] {
  const groups = groupBy(supplies, (s) => (keyOf(s.name) === '' ? undefined : `${s.form} ${keyOf(s.name)}`));
  const alike = (a: Supply, b: Supply) =>
    (['length', 'width', 'thickness'] as const).every((f) => Math.abs(a[f] - b[f]) <= 0.1 * Math.max(a[f], b[f]));
  return [...groups.values()].flatMap((group) => {
    const clusters: Supply[][] = [];
    for (const s of group) {
      const near = clusters.find((c) => alike(c[0]!, s));
      if (near) near.push(s);
      else clusters.push([s]);
    }
    return clusters.filter((c) => c.length > 1).map((c) => c.map((s) => s.id));
  });
}
