/** Cautions about furniture: what can tip is fixed to the wall. Guidance, not certification. */
import { caution, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Plan, type Unit } from '../model/plan.ts';

/** Heights over the floor from which a free-standing unit should be fixed to the wall, mm (690 with drawers, 1200 without). */
const FIX_TO_WALL = { withDrawers: 690, without: 1200 } as const;

const CAN_TIP: ReadonlySet<Unit['kind']> = new Set([
  'drawer unit',
  'cube shelf',
  'bookcase',
  'cabinet',
  'corner cabinet',
]);

/** Cautions for units that could tip over. Units on the wall, tables and carts are left out. */
export function checkFurniture(plan: Plan): Finding[] {
  return byName(plan.units).flatMap((unit): Finding[] => {
    if (!CAN_TIP.has(unit.kind) || unit.bottom > 0 || unit.fixed || unit.wheels || unit.host !== null) return [];
    const drawers = unit.kind === 'drawer unit' || unit.bays.some((b) => b.cells.some((c) => c.access === 'drawer'));
    const limit = drawers ? FIX_TO_WALL.withDrawers : FIX_TO_WALL.without;
    if (unit.height <= limit) return [];
    return [
      caution('fix to the wall', `units.${unit.id}.height`, {
        message: `${unit.name} is ${formatLength(unit.height, plan.meta.units)} high: fix it to the wall so that it cannot tip, with fixings that suit the wall and away from cables and pipes.`,
      }),
    ];
  });
}
