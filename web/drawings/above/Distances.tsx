import type { Unit } from '@heronstone/core/model/plan.ts';
import { wallGaps } from '@heronstone/core/room/gaps.ts';
import type { Wall } from '@heronstone/core/room/walls.ts';
import type { Box } from './wordBoxes.ts';
import { distanceWords } from './distanceWords.ts';

/** Distances of the selected unit from the walls that its sides face. */
export function Distances({
  unit,
  walls,
  taken,
  px,
  say,
}: {
  unit: Unit;
  walls: readonly Wall[];
  /** Boxes of what is written already, mm. */
  taken: readonly Box[];
  px: number;
  say: (mm: number) => string;
}) {
  const gaps = wallGaps(unit, walls).filter((g) => g.gap >= 15);
  const words = distanceWords(
    gaps.map(({ gap, from, to }) => ({ from, to, text: say(gap) })),
    taken,
    px,
  );
  return (
    <g pointerEvents="none">
      {gaps.map(({ wall, from, to }) => (
        <line
          key={wall.id}
          x1={from.x}
          y1={from.y}
          x2={to.x}
          y2={to.y}
          stroke="var(--rust)"
          strokeWidth={px}
          strokeDasharray={`${3 * px} ${3 * px}`}
        />
      ))}
      {words.map(({ text, x, y, half }, i) => (
        <g key={gaps[i]!.wall.id}>
          <rect
            x={x - half.x}
            y={y - half.y}
            width={2 * half.x}
            height={2 * half.y}
            rx={half.y}
            fill="var(--leaf)"
            stroke="var(--line)"
            strokeWidth={px}
          />
          <text x={x} y={y} dy="0.35em" textAnchor="middle" fontSize={11.5 * px} fill="var(--ink)">
            {text}
          </text>
        </g>
      ))}
    </g>
  );
}
