/**
 * What stays out by nature stands at its own seat: machines get the strip of their table that they need, and mats lie on the table
 * at which they are used, both kept for them.
 */
import { set, type Change } from '../model/change.ts';
import { byName, type Plan, type Supply } from '../model/plan.ts';

/** Room at each side and behind a machine, mm; how much of a table's width machines may take. Common practice, no source. */
const PLAY = 35;
const MOST = 0.75;

/** The seat at which a thing is used most. */
function seatOf(plan: Plan, supply: Supply): string | null {
  const uses = Object.values(plan.uses)
    .filter((u) => u.supply === supply.id)
    .sort((a, b) => b.fetches - a.fetches);
  for (const use of uses) {
    const { station } = plan.activities[use.activity]!;
    if (station !== null) return station;
  }
  return null;
}

/** A mat or board that lies on its table, under the work: thin, and too large for a drawer, mm. Common practice, no source. */
const isMat = (s: Supply): boolean =>
  s.form === 'pieces' && s.thickness <= MAT.thick && Math.min(s.length, s.width) >= MAT.wide && MAT.called.test(s.name);
const MAT = { thick: 16, wide: 280, called: /\b(?:mats?|bead boards?)\b/i };
const CUTTING = /\bcutting\b/i;

/** Tables whose tops are clear get a strip for what stays out at their seat, as deep as it is, and for nothing else. */
export function standOutChanges(plan: Plan, newId: () => string): Change[] {
  const changes: Change[] = [];
  const seats = byName(plan.stations);
  const tableOf = (seat: string | null) => plan.units[plan.stations[seat ?? '']?.unit ?? ''];
  const cutting = seats.find((s) => CUTTING.test(tableOf(s.id)?.name ?? ''));
  const out = byName(plan.supplies).filter((s) => s.form === 'machine' || isMat(s));
  // Machines first; a cutting mat lies on the cutting table.
  const at = new Map(
    out.map((s) => [s.id, cutting && isMat(s) && CUTTING.test(s.name) ? cutting.id : seatOf(plan, s)] as const),
  );
  for (const seat of seats) {
    const table = tableOf(seat.id);
    if (table?.kind !== 'table' || table.storeDepth > 0) continue;
    const own: Supply[] = [];
    let across = 0;
    const wanted = out.filter((s) => at.get(s.id) === seat.id).sort((a, b) => Number(isMat(a)) - Number(isMat(b)));
    for (const s of wanted) {
      if (s.width + PLAY > table.depth || across + s.length + PLAY > (isMat(s) ? 1 : MOST) * table.width) continue;
      own.push(s);
      across += s.length + PLAY;
    }
    if (own.length === 0) continue;
    const id = newId();
    changes.push(
      set('units', table.id, {
        storeDepth: Math.min(table.depth, Math.ceil(Math.max(...own.map((s) => s.width)) + PLAY)),
      }),
      set('keeps', id, {
        ...{ id, unit: table.id, slot: 'top', container: null, for: 'these' as const },
        ...{ things: own.map((s) => s.name), lines: null, litres: null },
      }),
    );
  }
  return changes;
}
