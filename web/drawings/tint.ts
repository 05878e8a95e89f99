/** What is washed over the places of a drawing: its number, in words, and its share of the largest. */
import type { Report } from '@heronstone/core/report/evaluate.ts';
import type { Arrangement } from '@heronstone/core/model/plan.ts';
import type { Tint as Kind } from '../state/state.ts';

export type Wash = ReadonlyMap<string, Heat> | null;
export interface Heat {
  words: string;
  /** The number alone, where there is no room for more. */
  short: string;
  share: number;
}

let last: { report: Report; key: string; wash: Wash } | null = null;

/** @param seat key of the seat from which seconds count */
export function washOf(report: Report, seat: string | null, arrangement: Arrangement, kind: Kind): Wash {
  if (kind === '') return null;
  const key = `${seat} ${arrangement} ${kind}`;
  if (last?.report === report && last.key === key) return last.wash;
  const wash =
    kind === 'sight'
      ? sights(report, seat)
      : kind === 'side'
        ? sides(report, seat)
        : amounts(report, seat, arrangement, kind);
  last = { report, key, wash };
  return wash;
}

function amounts(report: Report, seat: string | null, arrangement: Arrangement, kind: 'minutes' | 'seconds'): Wash {
  const rows = report.compartments.flatMap((c) => {
    const value = kind === 'minutes' ? c.minutes[arrangement] : seat ? (c.reach[seat]?.seconds ?? 0) : 0;
    return value > 0 ? [{ id: c.id, value }] : [];
  });
  const most = Math.max(1e-9, ...rows.map((r) => r.value));
  return new Map(
    rows.map(({ id, value }) => [
      id,
      {
        words: kind === 'minutes' ? `${value.toFixed(1)} min` : `${value.toFixed(1)} s`,
        short: value.toFixed(1),
        share: value / most,
      },
    ]),
  );
}

/** The less is seen, the darker. */
const SEEN: Readonly<Record<'things' | 'front' | 'nothing', Heat>> = {
  things: { words: 'in view', short: 'view', share: 0 },
  front: { words: 'front in view', short: 'front', share: 0.45 },
  nothing: { words: 'out of sight', short: 'not', share: 1 },
};
function sights(report: Report, seat: string | null): Wash {
  return new Map(
    report.compartments.flatMap((c) => {
      const sight = seat ? c.reach[seat]?.sight : undefined;
      return sight ? [[c.id, SEEN[sight.state]] as const] : [];
    }),
  );
}

/** The hand side is told in words; the farther round, the darker. */
const SIDES: Readonly<Record<'before' | 'left' | 'right' | 'behind', Heat>> = {
  before: { words: 'in front', short: 'front', share: 0 },
  left: { words: 'left', short: 'left', share: 0.3 },
  right: { words: 'right', short: 'right', share: 0.5 },
  behind: { words: 'behind', short: 'behind', share: 0.9 },
};
function sides(report: Report, seat: string | null): Wash {
  return new Map(
    report.compartments.flatMap((c) => {
      const side = seat ? c.reach[seat]?.side : undefined;
      return side ? [[c.id, SIDES[side]] as const] : [];
    }),
  );
}

/** The same for whole units, from above: its own minutes; of the others the lightest counts. */
export function washOfUnit(report: Report, unit: string, seat: string | null, arrangement: Arrangement, kind: Kind) {
  const wash = washOf(report, seat, arrangement, kind);
  if (!wash) return null;
  const own = report.compartments.filter((c) => c.unit === unit && c.within === null);
  if (own.length === 0) return null;
  if (kind === 'minutes') {
    const value = report.units[unit]?.minutes[arrangement] ?? 0;
    const most = Math.max(1e-9, ...Object.values(report.units).map((u) => u.minutes[arrangement]));
    return value > 0 ? { words: `${value.toFixed(1)} min`, short: value.toFixed(1), share: value / most } : null;
  }
  const heats = own.flatMap((c) => wash.get(c.id) ?? []);
  return heats.length === 0 ? null : heats.reduce((a, b) => (b.share < a.share ? b : a));
}
