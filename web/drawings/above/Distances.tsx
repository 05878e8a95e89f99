import type { ReactNode } from 'react';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import type { Unit } from '@heronstone/core/model/plan.ts';
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
  const feet = footprint(unit);
  const lines: ReactNode[] = [];
  for (const wall of walls) {
    const off = feet.map((p) => ({ p, d: (p.x - wall.from.x) * wall.inward.x + (p.y - wall.from.y) * wall.inward.y }));
    const nearest = Math.min(...off.map((o) => o.d));
    if (nearest < 15) continue;
    const face = off.filter((o) => o.d - nearest < 1).map((o) => o.p);
    const from = {
      x: face.reduce((sum, p) => sum + p.x, 0) / face.length,
      y: face.reduce((sum, p) => sum + p.y, 0) / face.length,
    };
    // Only walls that really lie opposite: the foot of the measure falls on them.
    const foot = (from.x - wall.from.x) * wall.along.x + (from.y - wall.from.y) * wall.along.y;
    if (foot < 0 || foot > wall.length) continue;
    const to = { x: from.x - wall.inward.x * nearest, y: from.y - wall.inward.y * nearest };
    const mid = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const label = say(nearest);
    lines.push(
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
      </g>,
    );
  }
  return <>{lines}</>;
}
