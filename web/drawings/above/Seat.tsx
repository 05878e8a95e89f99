/** Seats from above, and the ripples round the chosen one. */
import type { KeyboardEvent, PointerEvent } from 'react';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import type { Person, Plan, Station } from '@heronstone/core/model/plan.ts';
import { bodyAt, levelReach, pace } from '@heronstone/core/reach/body.ts';
import { RippleMark } from '../RippleMark.tsx';

/** The ripples round a seat, innermost first: forearm zone, arm's length, swivel, two paces; radius and middle of the mark, mm. */
export function ringsOf(station: Station, person: Person, plan: Plan) {
  const body = bodyAt(station, person, constantsOf(plan.meta.constants));
  const swivel = levelReach(body, body.shoulder) + constantsOf(plan.meta.constants).swivelStep;
  const radii = [
    body.forearmZone + body.halfBreadth,
    body.grip + body.halfBreadth * 0.6,
    swivel,
    Math.max(2 * pace(person.stature), swivel * 1.2),
  ];
  return radii.map((r, i) => {
    const bearing = 0.9 + (i + 1) * 0.06;
    const mark = { x: station.x + r * Math.cos(bearing), y: station.y + r * Math.sin(bearing) };
    return { n: (i + 1) as 1 | 2 | 3 | 4, r, mark, reach: body.grip };
  });
}

/** Radius of the mark of a ripple, pixels. */
export const RIPPLE_MARK = 8;

/** The ripples round the chosen seat. */
export function Rings({
  rings,
  station,
  px,
  small,
}: {
  rings: ReturnType<typeof ringsOf>;
  station: Station;
  px: number;
  small: boolean;
}) {
  return (
    <g clipPath="url(#floor)" pointerEvents="none" data-rings={Math.round(rings[0]!.reach)}>
      {[...rings].reverse().map(({ r, n, mark }) => (
        <g key={n}>
          <circle
            cx={station.x}
            cy={station.y}
            r={r}
            fill={n <= 2 ? 'var(--wash)' : 'none'}
            stroke={`var(--w${n})`}
            strokeWidth={(n === 1 ? 2 : 1.4) * px}
          />
          {!small && <RippleMark ripple={n} {...mark} r={RIPPLE_MARK * px} />}
        </g>
      ))}
    </g>
  );
}

export function Seat({
  station,
  on,
  shown,
  px,
  editable,
  onPointerDown,
  onKeyDown,
}: {
  station: Station;
  on: boolean;
  shown: boolean;
  px: number;
  editable: boolean;
  onPointerDown: (e: PointerEvent) => void;
  onKeyDown: (e: KeyboardEvent) => void;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={on}
      aria-label={`${station.name}, seat, ${station.posture}`}
      data-station={station.id}
      className={editable ? 'cursor-move' : 'cursor-pointer'}
      onPointerDown={onPointerDown}
      onKeyDown={onKeyDown}
    >
      <title>{station.name}</title>
      <g transform={`translate(${station.x} ${station.y}) rotate(${station.facing})`}>
        <ellipse
          rx={215}
          ry={125}
          fill={shown ? 'var(--w3)' : 'var(--sand)'}
          fillOpacity="0.75"
          stroke={on ? 'var(--rust)' : 'var(--ink)'}
          strokeWidth={(on ? 2.4 : 1.3) * px}
        />
        <circle r={85} fill="var(--leaf)" stroke={on ? 'var(--rust)' : 'var(--ink)'} strokeWidth={1.3 * px} />
        <path d="M-45 -30 L0 -70 L45 -30" fill="none" stroke="var(--ink)" strokeWidth={1.6 * px} />
        {station.posture === 'seated' && (
          <path d="M-150 95 A180 120 0 0 0 150 95" fill="none" stroke="var(--ink)" strokeWidth={2.4 * px} />
        )}
      </g>
    </g>
  );
}
