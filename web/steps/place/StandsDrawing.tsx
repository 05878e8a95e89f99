/** A small drawing from above of where furniture would stand; what moves has a bold outline. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { applyChanges, type Change } from '@heronstone/core/model/change.ts';
import { NameIn } from '../../drawings/NameIn.tsx';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { outlineOf } from '@heronstone/core/room/walls.ts';

export function StandsDrawing({ plan, changes }: { plan: Plan; changes: Change[] }) {
  const after = applyChanges(plan, changes).plan;
  const outline = outlineOf(after);
  const moved = new Set(changes.flatMap((c) => (c.table === 'units' ? [c.id] : [])));
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [width, depth] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const points = (list: ReadonlyArray<{ x: number; y: number }>) => list.map((p) => `${p.x},${p.y}`).join(' ');
  const units = Object.values(after.units)
    .filter((u) => u.elsewhere === null && u.host === null)
    .sort((a, b) => a.bottom - b.bottom);
  return (
    <svg
      viewBox={`${left - 60} ${top - 60} ${width + 120} ${depth + 120}`}
      className="my-2 h-56 w-full"
      role="img"
      aria-label={
        moved.size === 0 ? 'From above, as it stands' : `From above, with ${howMany(moved.size, 'piece')} moved`
      }
    >
      <polygon points={points(outline)} fill="var(--paper)" stroke="var(--ink)" strokeWidth="40" />
      {units.map((u) => {
        const feet = footprint(u);
        return (
          <g key={u.id}>
            <polygon
              points={points(feet)}
              fill={u.bottom > 0 ? 'none' : 'var(--leaf)'}
              stroke="var(--ink)"
              strokeWidth={moved.has(u.id) ? 22 : 8}
              strokeDasharray={u.bottom > 0 ? '40 30' : undefined}
            />
            {u.bottom === 0 && <NameIn name={u.name} {...boxOf(feet)} px={10} />}
          </g>
        );
      })}
      {Object.values(after.stations).map((s) => (
        <circle key={s.id} cx={s.x} cy={s.y} r="110" fill="none" stroke="var(--w2)" strokeWidth="24" />
      ))}
    </svg>
  );
}

/** The box round a footprint. */
function boxOf(feet: ReadonlyArray<{ x: number; y: number }>) {
  const [xs, ys] = [feet.map((p) => p.x), feet.map((p) => p.y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
