/** A piece of the library as a small drawing from the front, in ink with a light wash: its outline, its openings, its legs. */
import { useMemo } from 'react';
import { compartmentsOf } from '@heronstone/core/furniture/compartments.ts';
import { STANDING_DEFAULTS, type Shape } from '@heronstone/core/model/plan.ts';

/** The most that is drawn of a front: more openings than that are a grey grid. */
const MOST = 60;

export function TypePicture({ shape, className = '' }: { shape: Shape; className?: string }) {
  const fronts = useMemo(() => {
    const unit = { ...STANDING_DEFAULTS, ...shape, id: 'type', x: 0, y: 0, turn: 0 };
    return compartmentsOf(unit)
      .filter((c) => c.slot !== 'top' && c.slot !== 'under' && shape.kind !== 'wall shelf')
      .slice(0, MOST)
      .map((c) => ({ ...c.front, open: c.access !== 'drawer' && c.access !== 'door' && c.access !== 'lid' }));
  }, [shape]);
  const { width, height, bottom, kind } = shape;
  const standsOnFloor = kind === 'table' && bottom < 300;
  const thin = kind === 'wall shelf';
  const tall = thin ? 300 : height;
  const pad = Math.max(width, tall) * 0.06;
  const line = Math.max(width, tall) / 90;
  // From the floor up, so y is turned over.
  const up = (z: number) => bottom + tall - z;
  return (
    <svg
      viewBox={`${-pad} ${-pad} ${width + 2 * pad} ${tall + 2 * pad}`}
      className={className}
      aria-hidden="true"
      fill="none"
      stroke="var(--ink)"
      strokeWidth={line}
      strokeLinejoin="round"
    >
      {standsOnFloor ? (
        <>
          <path d={`M${width * 0.05} ${height}V${shape.board}M${width * 0.95} ${height}V${shape.board}`} />
          <rect width={width} height={Math.max(shape.board, line * 3)} fill="var(--wood)" />
        </>
      ) : thin ? (
        <>
          <rect y={tall / 2 - 40} width={width} height={Math.max(shape.height, 30)} fill="var(--wood)" />
          <path d={`M${width * 0.18} ${tall / 2}l0 90l-40 -90M${width * 0.82} ${tall / 2}l0 90l40 -90`} />
        </>
      ) : (
        <rect width={width} height={tall} rx={line * 2} fill="var(--wood)" />
      )}
      {kind === 'pegboard' && !standsOnFloor ? (
        <Pegs width={width} tall={tall} />
      ) : (
        fronts.map((f, i) => (
          <rect
            key={i}
            x={f.left}
            y={up(f.top)}
            width={Math.max(0, f.right - f.left)}
            height={Math.max(0, f.top - f.bottom)}
            strokeWidth={line * 0.7}
            fill={f.open ? 'var(--leaf)' : 'none'}
          />
        ))
      )}
      {shape.wheels && (
        <path d={`M${width * 0.2} ${tall}v${pad * 0.7}M${width * 0.8} ${tall}v${pad * 0.7}`} strokeWidth={line * 2.4} />
      )}
    </svg>
  );
}

function Pegs({ width, tall }: { width: number; tall: number }) {
  const dots = [1, 2, 3, 4, 5].flatMap((i) => [1, 2, 3].map((j) => [(width * i) / 6, (tall * j) / 4] as const));
  return dots.map(([x, y]) => (
    <circle key={`${x} ${y}`} cx={x} cy={y} r={Math.min(width, tall) / 50} fill="var(--ink)" />
  ));
}
