/** The front of one place: its ripple, what lies in it, how full it is; something may be dropped on it. */
import { memo } from 'react';
import type { Arrangement } from '@heronstone/core/model/plan.ts';
import type { CompartmentReport } from '@heronstone/core/report/report.ts';
import { drags, useHeld } from '../../state/held.ts';
import { select } from '../../state/state.ts';
import { intoSheet } from '../../ui/Sheet.tsx';
import { RippleMark } from '../RippleMark.tsx';
import { FillBar } from '../FillBar.tsx';
import type { Heat } from '../tint.ts';
import { layFront, namedBy, spokenFront } from './frontWords.ts';

interface FrontProps {
  compartment: CompartmentReport;
  /** The names of what lies in it, a line each. */
  things: string;
  left: number;
  station: string | null;
  /** Whether the drawing is coloured by a number. */
  washed: boolean;
  /** Its own number, if it has one. */
  heat: Heat | null;
  arrangement: Arrangement;
  /** The share of a place that is to stay free. */
  grow: number;
  chosen: boolean;
  lit: boolean;
  base: number;
  px: number;
  onCompartment?: ((id: string) => void) | undefined;
}

export const Front = memo(function Front({
  compartment: c,
  things,
  left,
  station,
  washed,
  heat,
  arrangement,
  grow,
  chosen,
  lit,
  base,
  px,
  onCompartment,
}: FrontProps) {
  const over = useHeld((s) => s.over === c.id);
  const x = left + c.front.left + 4 * px;
  const width = c.front.right - c.front.left - 8 * px;
  const height = Math.max(c.front.top - c.front.bottom - 4 * px, 6 * px);
  const y = base - c.front.top + 2 * px;
  const reach = station ? c.reach[station] : undefined;
  const named = namedBy(c, arrangement, things);
  const { contents } = named;
  const lay = layFront({ x, y, width, height }, named, washed, heat, px);
  const fill = c.fill[arrangement];
  const pick = () => (onCompartment ?? ((id: string) => select({ kind: 'compartment', id })))(c.id);
  return (
    <g
      role="button"
      tabIndex={-1}
      data-place={c.id}
      {...(contents.length > 0 && c.container === null
        ? drags({ opening: { unit: c.unit, slot: c.slot }, name: c.name })
        : {})}
      aria-pressed={chosen}
      aria-label={spokenFront(c, named, arrangement, reach, heat)}
      className="cursor-pointer"
      onClick={(e) => {
        e.stopPropagation();
        pick();
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          pick();
          intoSheet();
        }
      }}
    >
      <title>{`${c.name}: ${contents.join(', ') || 'empty'}`}</title>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx={3 * px}
        fill={
          chosen || over || lit
            ? 'color-mix(in srgb, var(--rust) 14%, var(--leaf))'
            : c.access === 'open' || c.access === 'peg' || c.access === 'top'
              ? 'color-mix(in srgb, var(--leaf) 65%, transparent)'
              : 'var(--leaf)'
        }
        stroke={chosen || over || lit ? 'var(--rust)' : 'var(--ink)'}
        strokeWidth={(chosen || over || lit ? 2.4 : 0.9) * px}
        strokeDasharray={c.access === 'top' ? `${5 * px} ${4 * px}` : undefined}
      />
      {heat && (
        <rect
          x={x}
          y={y}
          width={width}
          height={height}
          rx={3 * px}
          fill="var(--rust)"
          opacity={0.08 + 0.55 * heat.share}
          pointerEvents="none"
        />
      )}
      {(c.access === 'door' || c.access === 'pull-out') && height > 20 * px && (
        <path
          d={
            c.access === 'door'
              ? `M${x + width - 12 * px} ${y + height / 2 - 6 * px}v${12 * px}`
              : `M${x + width / 2 - 8 * px} ${y + height - 6 * px}h${16 * px}`
          }
          stroke="var(--soft)"
          strokeWidth={2 * px}
        />
      )}
      {lay.tight && heat && (
        <text
          x={x + (width - 8 * px) / 2}
          y={y + height / 2}
          dy="0.35em"
          textAnchor="middle"
          fontSize={Math.min(lay.size, width / 3.2)}
          fontWeight={700}
          fill="var(--ink)"
        >
          {heat.short}
        </text>
      )}
      {reach && !lay.tight && <RippleMark ripple={reach.ripple} x={x + lay.r + 5 * px} y={lay.mid} r={lay.r} />}
      {lay.words &&
        !lay.tight &&
        lay.lines.map((line, i) => (
          <text
            key={i}
            x={lay.left}
            y={lay.firstLine + i * lay.step}
            dy="0.35em"
            fontSize={lay.size}
            fill={contents.length === 0 && !heat ? 'var(--soft)' : 'var(--ink)'}
            fontWeight={chosen || heat || (i === 0 && named.home !== '') ? 700 : 400}
          >
            {line}
          </text>
        ))}
      {contents.length > 0 && (
        <FillBar
          fill={fill}
          x={x + width - 7 * px}
          y={y + 2 * px}
          width={5 * px}
          height={height - 4 * px}
          grow={grow}
        />
      )}
      {lit && (
        <rect
          className="lit"
          x={x - 6 * px}
          y={y - 6 * px}
          width={width + 12 * px}
          height={height + 12 * px}
          rx={9 * px}
          fill="none"
          stroke="var(--rust)"
          strokeWidth={2 * px}
          pointerEvents="none"
        />
      )}
    </g>
  );
});
