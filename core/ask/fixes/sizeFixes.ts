/** Mends by another height over the floor or another size: hung lower or higher, raised, made lower, narrower or less deep. */
import { tiersHeight } from '../../furniture/compartments.ts';
import { inRoom } from '../../furniture/footprint.ts';
import { set, type Change } from '../../model/change.ts';
import type { Finding } from '../../model/finding.ts';
import { formatLength, STEP, onRule } from '../../model/measure.ts';
import type { Plan, Unit } from '../../model/plan.ts';
import { ridersOf } from '../../room/standing.ts';
import type { Fix } from './fix.ts';

/** The most by which a piece is raised, lowered or cut down, mm, and as a share of the side. Common practice, no source. */
const MOST = { height: 300, side: 300, share: 0.25 } as const;
/** The most by which something is hung higher or lower, mm. */
const HUNG = 500;
/** Another size asks more than sliding as far: it is cut or bought. Raising a table on its legs does not. */
const ASKS = { hang: 1, raise: 1.5, cut: 4 } as const;

/** Findings that a narrower or shallower piece may mend. */
const IN_THE_WAY: ReadonlySet<string> = new Set([
  ...['overlap', 'outside room', 'door meets it', 'door blocked', 'socket covered', 'switch covered', 'heater covered'],
  ...[
    'vent covered',
    'water covered',
    'fixed thing met',
    'fuse board not clear',
    'narrow way',
    'seat cannot roll back',
  ],
  ...['cannot open', 'no room before it', 'open into each other', 'in the way', 'window meets it'],
]);

/** Other sizes and heights, those that change least first. */
export function* sizes(plan: Plan, finding: Finding): Generator<Fix> {
  const table = finding.targets.find((t) => t.table === 'units');
  const unit = table && plan.units[table.id];
  const by = finding.by;
  if (!unit || by === undefined || finding.mode !== undefined) return;
  const other = finding.targets.find((t) => t.table === 'units' && t.id !== unit.id);
  const above = other && plan.units[other.id];
  switch (finding.code) {
    case 'work height':
      yield* rounded(plan, by, MOST.height, (mm) => raised(plan, unit, mm));
      yield* rounded(plan, by, MOST.height, (mm) => lowered(plan, unit, mm));
      return;
    case 'surface too small':
      if (finding.path.endsWith('surfaceDepth') && unit.storeDepth >= by)
        yield* rounded(plan, by, unit.storeDepth, (mm) => strip(plan, unit, mm));
      return;
    case 'too tall to stand under':
      yield* rounded(plan, by, MOST.height, (mm) => above && raised(plan, above, mm, above.name));
      yield* rounded(plan, by, MOST.height, (mm) => lowered(plan, unit, mm));
      return;
    case 'taller than room':
    case 'head room':
      if (unit.bottom > 0) yield* hung(plan, unit);
      else yield* rounded(plan, by, MOST.height, (mm) => lowered(plan, unit, mm));
      return;
    case 'insert too large': {
      const side = (['width', 'depth', 'height'] as const).find((s) => finding.path.endsWith(s))!;
      yield* rounded(plan, by, MOST.side, (mm) =>
        side === 'height' ? lowered(plan, unit, mm) : smaller(plan, unit, side, mm, 0),
      );
      return;
    }
    default:
      if (!IN_THE_WAY.has(finding.code) || unit.host !== null) return;
      if (unit.bottom > 0) yield* hung(plan, unit);
      yield* cutDown(plan, unit, by);
  }
}

/** The least whole number of the maker's steps that is enough, and a step more. */
function* rounded(plan: Plan, by: number, most: number, make: (mm: number) => Fix | null | undefined): Generator<Fix> {
  const step = STEP[plan.meta.units];
  const first = Math.ceil(by / step - 1e-6) * step;
  for (const mm of [first, first + step]) {
    const mend = mm <= most + step ? make(mm) : null;
    if (mend) yield mend;
  }
}

/** What stands on a piece goes up and down with it. */
const carried = (plan: Plan, unit: Unit, up: number): Change[] =>
  ridersOf(plan, unit).map((r) => set('units', r.id, { bottom: onRule(r.bottom + up, plan.meta.units) }));

/** A table on higher legs, or on blocks; nothing else is raised. */
function raised(plan: Plan, unit: Unit, mm: number, name?: string): Fix | null {
  if (unit.kind !== 'table' || unit.host !== null) return null;
  const say = (x: number) => formatLength(x, plan.meta.units);
  const height = onRule(unit.height + mm, plan.meta.units);
  return {
    words: `Raise ${name ?? 'it'} by ${say(mm)}, to ${say(unit.bottom + height)}`,
    changes: [set('units', unit.id, { height }), ...carried(plan, unit, mm)],
    by: mm,
    effort: mm * ASKS.raise,
  };
}

/** A lower piece: a table on shorter legs; of others, what room is over in its height, and then its highest opening. */
function lowered(plan: Plan, unit: Unit, mm: number): Fix | null {
  if (unit.kind === 'cabinet' || unit.asOne) return null;
  const say = (x: number) => formatLength(x, plan.meta.units);
  const height = onRule(unit.height - mm, plan.meta.units);
  if (height < unit.height * (1 - MOST.share)) return null;
  const short = tiersHeight({ ...unit, height }) - height;
  const tiers = [...unit.tiers];
  if (short > 0) {
    const at = tiers.indexOf(Math.max(...tiers));
    if (at < 0 || tiers[at]! - short < tiers[at]! / 2) return null;
    tiers[at] = onRule(tiers[at]! - short, plan.meta.units);
  }
  const table = unit.kind === 'table';
  return {
    words: `${table ? 'Lower it' : 'Make it lower'} by ${say(mm)}, to ${say(unit.bottom + height)}`,
    changes: [set('units', unit.id, { height, ...(short > 0 ? { tiers } : {}) }), ...carried(plan, unit, -mm)],
    by: mm,
    effort: mm * (table ? ASKS.raise : ASKS.cut),
  };
}

/** What hangs or stands on something, hung lower or higher. */
function* hung(plan: Plan, unit: Unit): Generator<Fix> {
  if (unit.host !== null || unit.onDoor !== null) return;
  const say = (x: number) => formatLength(x, plan.meta.units);
  const step = STEP[plan.meta.units];
  for (let mm = step; mm <= HUNG; mm += step)
    for (const up of [-mm, mm]) {
      const bottom = onRule(unit.bottom + up, plan.meta.units);
      // It stays a thing that hangs.
      if (bottom < step) continue;
      yield {
        words: `Hang it ${say(mm)} ${up < 0 ? 'lower' : 'higher'}, at ${say(bottom)} over the floor`,
        changes: [set('units', unit.id, { bottom }), ...carried(plan, unit, up)],
        by: mm,
        effort: mm * ASKS.hang,
      };
    }
}

/** A narrower strip for things at the back of a table. */
function strip(plan: Plan, table: Unit, mm: number): Fix | null {
  const storeDepth = onRule(table.storeDepth - mm, plan.meta.units);
  if (storeDepth < 0) return null;
  const say = (x: number) => formatLength(x, plan.meta.units);
  return {
    words: `Keep ${say(mm)} less of its top for things: a strip of ${say(storeDepth)}`,
    changes: [set('units', table.id, { storeDepth })],
    by: mm,
    effort: mm,
  };
}

/** A piece that is less deep, its back where it is, or narrower, its left or its right side where it is. */
function* cutDown(plan: Plan, unit: Unit, by: number): Generator<Fix> {
  const step = STEP[plan.meta.units];
  const first = Math.ceil(by / step - 1e-6) * step;
  // By how much it is off is not always how much narrower it must be: before a socket, say.
  for (let mm = first; mm <= MOST.side; mm += step)
    for (const [side, at] of [
      ['depth', 1],
      ['width', 1],
      ['width', -1],
    ] as const) {
      const mend = smaller(plan, unit, side, mm, at);
      if (mend) yield mend;
    }
}

/**
 * A piece with one side shorter.
 * @param at where it is cut: 1 at the front or the right, -1 at the left, 0 on both sides
 */
function smaller(plan: Plan, unit: Unit, side: 'width' | 'depth', mm: number, at: 1 | -1 | 0): Fix | null {
  const long = unit[side];
  if (mm > Math.min(MOST.side, long * MOST.share) || unit.asOne) return null;
  // A corner cabinet and a carousel have no side that could be cut by itself.
  if (unit.kind === 'corner cabinet' || unit.kind === 'carousel') return null;
  const say = (x: number) => formatLength(x, plan.meta.units);
  const now = onRule(long - mm, plan.meta.units);
  const inner = side === 'width' ? 'insideWidth' : 'insideDepth';
  const own: Partial<Unit> = { [side]: now };
  if (unit[inner] !== null) {
    const share = side === 'width' && unit.columns > 1 ? mm / unit.columns : mm;
    own[inner] = onRule(unit[inner] - share, plan.meta.units);
    if (own[inner] < 20) return null;
  }
  if (side === 'width' && unit.bays.length > 0) {
    const widest = Math.max(...unit.bays.map((b) => b.width));
    const which = unit.bays.findIndex((b) => b.width === widest);
    if (widest - mm < widest / 2) return null;
    own.bays = unit.bays.map((b, i) => (i === which ? { ...b, width: onRule(b.width - mm, plan.meta.units) } : b));
  }
  if (side === 'depth') {
    own.storeDepth = Math.min(unit.storeDepth, now);
    own.underDepth = Math.min(unit.underDepth, now);
  }
  const cut = (mm / 2) * at;
  const middle =
    side === 'width' ? inRoom(unit, long / 2 - cut, unit.depth / 2) : inRoom(unit, unit.width / 2, long / 2 - cut);
  const how = side === 'depth' ? 'less deep' : `narrower${at === 0 ? '' : at > 0 ? ' on its right' : ' on its left'}`;
  return {
    words: `Make it ${say(mm)} ${how}: ${say(now)}`,
    changes: [
      set('units', unit.id, { ...own, x: onRule(middle.x, plan.meta.units), y: onRule(middle.y, plan.meta.units) }),
    ],
    by: mm,
    effort: mm * ASKS.cut,
  };
}
