/** A wall from above with its doors, windows and what is fixed to it. */
import type { Plan } from '@heronstone/core/model/plan.ts';
import type { Wall } from '@heronstone/core/room/walls.ts';
import { closed, WALL } from './svgPath.ts';
import type { useRoomDrag } from './useRoomDrag.ts';

export function WallThings({
  wall,
  plan,
  px,
  hands,
}: {
  wall: Wall;
  plan: Plan;
  px: number;
  hands: ReturnType<typeof useRoomDrag>;
}) {
  const on = (along: number, out: number) => ({
    x: wall.from.x + wall.along.x * along + wall.inward.x * out,
    y: wall.from.y + wall.along.y * along + wall.inward.y * out,
  });
  return (
    <g data-wall={wall.id}>
      {/* The wall itself is drawn with the room: this says how large it is, so that it can fill the frame. */}
      <path
        d={`M${wall.from.x} ${wall.from.y}L${wall.to.x} ${wall.to.y}`}
        stroke="transparent"
        strokeWidth={WALL * 2}
        pointerEvents="none"
      />
      {Object.values(plan.openings)
        .filter((o) => o.corner === wall.id)
        .map((o) => {
          const [a, b, c, d] = [
            on(o.offset, 0),
            on(o.offset + o.width, 0),
            on(o.offset + o.width, -WALL),
            on(o.offset, -WALL),
          ];
          const hinge = o.hinge === 'left' ? a : b;
          const leaf =
            o.hinge === 'left'
              ? on(o.offset, o.swing === 'in' ? o.width : -o.width)
              : on(o.offset + o.width, o.swing === 'in' ? o.width : -o.width);
          const latch = o.hinge === 'left' ? b : a;
          const sweep = (o.hinge === 'left') === (o.swing === 'in') ? 0 : 1;
          return (
            <g
              key={o.id}
              role="button"
              tabIndex={0}
              aria-label={`${o.kind} on ${wall.name}`}
              data-opening={o.id}
              className="cursor-pointer"
              onPointerDown={hands.down('openings', o.id)}
              onKeyDown={hands.wallKey('openings', o.id)}
            >
              <path
                d={closed([a, b, c, d])}
                fill={o.kind === 'window' ? 'color-mix(in srgb, var(--w4) 45%, var(--leaf))' : 'var(--leaf)'}
                stroke="var(--ink)"
                strokeWidth={1.3 * px}
              />
              {(o.swing === 'in' || o.swing === 'out') && (
                <>
                  <path
                    d={`M${hinge.x} ${hinge.y}L${leaf.x} ${leaf.y}A${o.width} ${o.width} 0 0 ${1 - sweep} ${latch.x} ${latch.y}Z`}
                    fill="var(--wash)"
                    stroke="var(--ink)"
                    strokeWidth={px}
                  />
                </>
              )}
            </g>
          );
        })}
      {Object.values(plan.fixtures)
        .filter((f) => f.corner === wall.id)
        .map((f) => {
          const centre = on(f.offset + f.width / 2, Math.max(f.depth / 2, 5 * px));
          const box = [
            on(f.offset, 0),
            on(f.offset + f.width, 0),
            on(f.offset + f.width, Math.max(f.depth, 8)),
            on(f.offset, Math.max(f.depth, 8)),
          ];
          return (
            <g
              key={f.id}
              role="button"
              tabIndex={0}
              aria-label={`${f.kind} on ${wall.name}`}
              className="cursor-pointer"
              onPointerDown={hands.down('fixtures', f.id)}
              onKeyDown={hands.wallKey('fixtures', f.id)}
            >
              <title>{f.kind}</title>
              {f.kind === 'socket' || f.kind === 'switch' ? (
                <>
                  <circle
                    cx={centre.x}
                    cy={centre.y}
                    r={6 * px}
                    fill="var(--leaf)"
                    stroke="var(--ink)"
                    strokeWidth={1.3 * px}
                  />
                  {f.kind === 'socket' ? (
                    <circle cx={centre.x} cy={centre.y} r={1.8 * px} fill="var(--ink)" />
                  ) : (
                    <path
                      d={`M${centre.x} ${centre.y}l${4 * px} ${-7 * px}`}
                      stroke="var(--ink)"
                      strokeWidth={1.3 * px}
                    />
                  )}
                </>
              ) : (
                <path
                  d={closed(box)}
                  fill={
                    f.kind === 'fuse board'
                      ? 'color-mix(in srgb, var(--lichen) 60%, var(--leaf))'
                      : f.kind === 'water'
                        ? 'color-mix(in srgb, var(--w3) 50%, var(--leaf))'
                        : 'var(--sand)'
                  }
                  stroke="var(--ink)"
                  strokeWidth={px}
                />
              )}
            </g>
          );
        })}
    </g>
  );
}
