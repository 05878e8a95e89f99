import type { Unit } from '@heronstone/core/model/plan.ts';
import { wallGaps } from '@heronstone/core/room/gaps.ts';
import type { Wall } from '@heronstone/core/room/walls.ts';

/** Distances of the selected unit from the walls that its sides face. */
export function Distances({
  unit,
  walls,
  px,
  say,
}: {
  unit: Unit;
  walls: readonly Wall[];
  px: number;
  say: (mm: number) => string;
}) {
  return wallGaps(unit, walls)
    .filter((g) => g.gap >= 15)
    .map(({ wall, gap, from, to }) => {
      const mid = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
      const label = say(gap);
      return (
        <g key={wall.id} pointerEvents="none">
          <line
            x1={from.x}
            y1={from.y}
            x2={to.x}
            y2={to.y}
            stroke="var(--rust)"
            strokeWidth={px}
            strokeDasharray={`${3 * px} ${3 * px}`}
          />
          <rect
            x={mid.x - label.length * 3.6 * px}
            y={mid.y - 9 * px}
            width={label.length * 7.2 * px}
            height={18 * px}
            rx={9 * px}
            fill="var(--leaf)"
            stroke="var(--line)"
            strokeWidth={px}
          />
          <text x={mid.x} y={mid.y} dy="0.35em" textAnchor="middle" fontSize={11.5 * px} fill="var(--ink)">
            {label}
          </text>
        </g>
      );
    });
}
