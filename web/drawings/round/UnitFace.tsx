/** A unit in the unrolled strip, with the front of each of its compartments. */
import { memo } from 'react';
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import type { Arrangement, Unit } from '@heronstone/core/model/plan.ts';
import type { Wash } from '../tint.ts';
import { Front } from './Front.tsx';

interface UnitFaceProps {
  unit: Unit;
  left: number;
  right: number;
  faces: boolean;
  compartments: readonly CompartmentReport[];
  /** The names of what lies in each of them, a line each, the places parted by a form feed. */
  things: string;
  /** The share of a place that is to stay free. */
  grow: number;
  station: string | null;
  wash: Wash;
  arrangement: Arrangement;
  /** The unit or one of its compartments, when chosen. */
  chosen: string | null;
  /** Ids of lit compartments, joined. */
  lit: string;
  base: number;
  px: number;
  onCompartment?: ((id: string) => void) | undefined;
}

const OF_WOOD: ReadonlySet<Unit['kind']> = new Set([
  'pegboard',
  'cube shelf',
  'bookcase',
  'cabinet',
  'corner cabinet',
  'rail',
]);

/** Between the things of one place and those of the next. */
export const PARTED = '\f';

export const UnitFace = memo(function UnitFace({
  unit,
  left,
  right,
  faces,
  compartments,
  things,
  grow,
  station,
  wash,
  arrangement,
  chosen,
  lit,
  base,
  px,
  onCompartment,
}: UnitFaceProps) {
  const y = (z: number) => base - z;
  const top = unit.bottom + unit.height;
  const named = things.split(PARTED);
  return (
    <g data-strip-unit={unit.id}>
      {unit.kind === 'table' ? (
        <g stroke="var(--ink)" strokeWidth={1.3 * px} fill="var(--wood)" pointerEvents="none">
          <rect x={left + 40} y={y(top - unit.board)} width={45} height={top - unit.board} fillOpacity="0.6" />
          <rect x={right - 85} y={y(top - unit.board)} width={45} height={top - unit.board} fillOpacity="0.6" />
          <rect x={left} y={y(top)} width={right - left} height={unit.board} />
        </g>
      ) : (
        <rect
          x={left}
          y={y(top)}
          width={right - left}
          height={unit.height}
          fill={OF_WOOD.has(unit.kind) ? 'color-mix(in srgb, var(--wood) 55%, var(--leaf))' : 'var(--leaf)'}
          stroke={chosen === unit.id ? 'var(--rust)' : 'var(--ink)'}
          strokeWidth={(chosen === unit.id ? 2.4 : 1.3) * px}
          pointerEvents="none"
        />
      )}
      {compartments.map((c, i) => (
        <Front
          key={c.id}
          compartment={c}
          things={named[i] ?? ''}
          left={faces ? left : left + (right - left - unit.width) / 2}
          station={station}
          washed={wash !== null}
          heat={wash?.get(c.id) ?? null}
          arrangement={arrangement}
          grow={grow}
          chosen={chosen === c.id}
          lit={lit.split(' ').includes(c.id)}
          base={base}
          px={px}
          onCompartment={onCompartment}
        />
      ))}
      {(unit.kind === 'pegboard' || !faces) && (
        <text
          x={(left + right) / 2}
          y={y(top) - 5 * px}
          textAnchor="middle"
          fontSize={11 * px}
          fill="var(--soft)"
          pointerEvents="none"
        >
          {unit.name}
        </text>
      )}
    </g>
  );
});
