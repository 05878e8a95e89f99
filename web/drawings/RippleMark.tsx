import { RIPPLE_WORD, type Ripple } from '@heronstone/core/reach/body.ts';

/** A ripple number in its own form, so that it reads without colour: filled dark, filled, thick ring, thin ring, dashed. */
export function RippleMark({ ripple, x = 0, y = 0, r = 9 }: { ripple: Ripple; x?: number; y?: number; r?: number }) {
  const filled = ripple <= 2;
  const stroke = ripple <= 3 ? 'var(--w2)' : 'var(--soft)';
  return (
    <g transform={`translate(${x} ${y})`}>
      <circle
        r={r - (ripple === 3 ? r * 0.1 : 0)}
        fill={ripple === 1 ? 'var(--w1)' : ripple === 2 ? 'var(--w2)' : 'var(--leaf)'}
        stroke={filled ? 'none' : stroke}
        strokeWidth={ripple === 3 ? r * 0.3 : r * 0.15}
        strokeDasharray={ripple >= 5 ? `${r * 0.4} ${r * 0.3}` : undefined}
      />
      <text
        textAnchor="middle"
        dy="0.36em"
        fontSize={r * 1.15}
        fontWeight="700"
        fill={filled ? 'var(--paper)' : 'var(--ink)'}
      >
        {ripple}
      </text>
    </g>
  );
}

/** What is seen of a place from the chosen seat. */
export const SIGHT_WORD = { things: 'in view', front: 'its front in view', nothing: 'out of sight' } as const;

/** The mark with its word, for text. */
export function RippleWord({ ripple, wordless = false }: { ripple: Ripple; wordless?: boolean }) {
  return (
    <span className="inline-flex items-center gap-1.5 align-middle">
      <svg
        width="20"
        height="20"
        viewBox="-10 -10 20 20"
        role="img"
        aria-label={`Ripple ${ripple}, ${RIPPLE_WORD[ripple]}`}
      >
        <RippleMark ripple={ripple} />
      </svg>
      {!wordless && <span>{RIPPLE_WORD[ripple]}</span>}
    </span>
  );
}

/** All of them, as a key below a drawing; the last only when something is elsewhere. */
export function RippleKey({ away = false }: { away?: boolean }) {
  return (
    <ul className="flex flex-wrap items-center justify-center gap-x-3.5 text-[13px]" aria-label="Ripples">
      {([1, 2, 3, 4, 5, ...(away ? ([6] as const) : [])] as const).map((ripple) => (
        <li key={ripple}>
          <RippleWord ripple={ripple} />
        </li>
      ))}
    </ul>
  );
}
