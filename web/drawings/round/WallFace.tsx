/** What belongs to a wall in the unrolled strip, and the shape of the person who looks at it. */
import type { Report } from '@heronstone/core/report/evaluate.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Person, Plan, Station } from '@heronstone/core/model/plan.ts';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import { bodyAt } from '@heronstone/core/reach/body.ts';
import { wallTop } from '@heronstone/core/room/overhead.ts';
import { facedWall, wallsOf } from '@heronstone/core/room/walls.ts';

export function WallFace({
  wall,
  start,
  plan,
  y,
  px,
}: {
  wall: string;
  start: number;
  plan: Plan;
  y: (z: number) => number;
  px: number;
}) {
  const own = wallsOf(plan).find((w) => w.id === wall);
  const top = own ? wallTop(plan, own) : [];
  return (
    <g pointerEvents="none">
      {own && top.some((p) => p.height < plan.meta.ceiling) && (
        <path
          d={`M${start} ${y(plan.meta.ceiling)}${top.map((p) => `L${start + p.along} ${y(p.height)}`).join('')}L${start + own.length} ${y(plan.meta.ceiling)}Z`}
          fill="var(--sand)"
          stroke="var(--ink)"
          strokeWidth={1.3 * px}
        />
      )}
      {Object.values(plan.openings)
        .filter((o) => o.corner === wall)
        .map((o) => (
          <g key={o.id}>
            <rect
              x={start + o.offset}
              y={y(o.sill + o.height)}
              width={o.width}
              height={o.height}
              fill={o.kind === 'window' ? 'color-mix(in srgb, var(--w4) 35%, var(--leaf))' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth={1.3 * px}
            />
            {o.kind === 'window' ? (
              <line
                x1={start + o.offset + o.width / 2}
                x2={start + o.offset + o.width / 2}
                y1={y(o.sill + o.height)}
                y2={y(o.sill)}
                stroke="var(--ink)"
                strokeWidth={px}
              />
            ) : (
              <circle
                cx={start + o.offset + (o.hinge === 'left' ? o.width - 70 : 70)}
                cy={y(1020)}
                r={22}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={px}
              />
            )}
          </g>
        ))}
      {Object.values(plan.fixtures)
        .filter((f) => f.corner === wall)
        .map((f) => (
          <g key={f.id}>
            <title>{f.name || f.kind}</title>
            <rect
              x={start + f.offset}
              y={y(f.bottom + f.height)}
              width={f.width}
              height={f.height}
              rx={f.kind === 'socket' || f.kind === 'switch' ? 14 : 4}
              fill={f.kind === 'fuse board' ? 'color-mix(in srgb, var(--lichen) 40%, var(--leaf))' : 'var(--paper)'}
              stroke="var(--soft)"
              strokeWidth={px}
            />
            {f.kind === 'heater' &&
              Array.from({ length: Math.floor(f.width / 70) }, (_, i) => (
                <line
                  key={i}
                  x1={start + f.offset + 35 + i * 70}
                  x2={start + f.offset + 35 + i * 70}
                  y1={y(f.bottom + f.height) + 40}
                  y2={y(f.bottom) - 40}
                  stroke="var(--line)"
                  strokeWidth={2 * px}
                />
              ))}
          </g>
        ))}
    </g>
  );
}

/** The person at the chosen station, as a shape before the wall that they look at. */
export function Silhouette({
  station,
  person,
  plan,
  report,
  y,
}: {
  station: Station;
  person: Person;
  plan: Plan;
  report: Report;
  y: (z: number) => number;
}) {
  const wall = facedWall(station, station.facing, report.room.walls)!;
  const along = wall.start + (station.x - wall.from.x) * wall.along.x + (station.y - wall.from.y) * wall.along.y;
  const body = bodyAt(station, person, constantsOf(plan.meta.constants));
  const half = body.halfBreadth;
  const head = (person.stature * 0.13) / 2;
  const hip = station.posture === 'seated' ? station.seatHeight : person.stature * 0.53;
  return (
    <g pointerEvents="none" data-person={person.id}>
      <g fill="var(--w2)" opacity="0.22">
        <ellipse cx={along} cy={y(body.shoulder + head * 1.25)} rx={head * 0.75} ry={head} />
        <path
          d={`M${along - half} ${y(hip)}L${along - half * 1.05} ${y(body.shoulder - 60)}Q${along - half} ${y(body.shoulder)} ${along - half * 0.4} ${y(body.shoulder + 10)}H${along + half * 0.4}Q${along + half} ${y(body.shoulder)} ${along + half * 1.05} ${y(body.shoulder - 60)}L${along + half} ${y(hip)}Z`}
        />
        <path d={`M${along - half} ${y(hip)}H${along + half}L${along + half * 0.7} ${y(20)}H${along - half * 0.7}Z`} />
      </g>
    </g>
  );
}

/** Heights of eye, shoulder and elbow of the person at the chosen station, beside the shape and before all furniture. */
export function BodyMarks({
  station,
  person,
  plan,
  report,
  y,
  px,
}: {
  station: Station;
  person: Person;
  plan: Plan;
  report: Report;
  y: (z: number) => number;
  px: number;
}) {
  const wall = facedWall(station, station.facing, report.room.walls)!;
  const along = wall.start + (station.x - wall.from.x) * wall.along.x + (station.y - wall.from.y) * wall.along.y;
  const body = bodyAt(station, person, constantsOf(plan.meta.constants));
  const half = body.halfBreadth;
  return (
    <g pointerEvents="none">
      {/* Where the eye is and how far the hand gets, beside the shape. */}
      {(
        [
          [body.eye, 'eye'],
          [body.shoulder, 'shoulder'],
          [body.elbow, 'elbow'],
        ] as const
      ).map(([z, word]) => (
        <g key={word}>
          <path d={`M${along + half * 1.2} ${y(z)}h${14 * px}`} stroke="var(--w1)" strokeWidth={1.4 * px} />
          <text
            x={along + half * 1.2 + 17 * px}
            y={y(z)}
            dy="0.35em"
            fontSize={10 * px}
            fill="var(--w1)"
            stroke="var(--leaf)"
            strokeWidth={3 * px}
            paintOrder="stroke"
          >
            {word} {formatLength(z, plan.meta.units)}
          </text>
        </g>
      ))}
    </g>
  );
}
