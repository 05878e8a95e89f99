/** The front of one place: its ripple, what lies in it, how full it is; something may be dropped on it. */
import { memo } from 'react';
import type { Arrangement } from '@heronstone/core/model/plan.ts';
import { RIPPLE_WORD } from '@heronstone/core/reach/body.ts';
import type { CompartmentReport } from '@heronstone/core/report/report.ts';
import { drags, useHeld } from '../../state/held.ts';
import { select } from '../../state/state.ts';
import { intoSheet } from '../../ui/Sheet.tsx';
import { RippleMark, SIGHT_WORD } from '../RippleMark.tsx';
import { fillWords, Tide } from '../FillBar.tsx';
import type { Heat } from '../tint.ts';

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
  const contents = things === '' ? [] : things.split('\n');
  const first = contents[0] ?? '';
  // The home goes before what lies in it, with the letter of its zone; a place that cannot be named has its things only.
  const home = first !== '' && c.canBeNamed[arrangement] ? c.homeName[arrangement] : '';
  const called = home === '' ? first : c.letters === '' ? home : `${c.letters} · ${home}`;
  const name =
    first === '' ? 'empty' : home === '' && contents.length > 1 ? `${first} +${contents.length - 1}` : called;
  const told = home === '' || (contents.length === 1 && home === first) ? contents : [called, ...contents];
  const r = Math.min(9 * px, height * 0.45);
  const size = Math.min((width < 90 * px ? 9.5 : 11.5) * px, height * 0.62);
  // A narrow front that is high enough has its words below the ripple, over the whole width.
  const below = width < 130 * px && height > 2 * r + size + 8 * px;
  // Where there is room for several lines, what lies in it is named, a line each.
  const step = size * 1.25;
  const head = below ? 2 * r + 6 * px : r + 4 * px - size / 2;
  const rows = Math.floor((height - head - 3 * px) / step);
  const named = !washed && told.length > 1 && rows >= 2;
  const mid = below || named ? y + r + 4 * px : height > 60 * px ? y + height - r - 6 * px : y + height / 2;
  const room = below ? width - 16 * px : width - 2 * r - 18 * px;
  const letters = Math.floor(room / (size * 0.53));
  const label = washed ? ((heat?.words.length ?? 0) > letters ? heat!.short : (heat?.words ?? '')) : name;
  // A front too narrow for ring and number has the number alone when it is washed.
  const tight = heat !== null && letters < 5;
  const short = (text: string) => (text.length > letters ? `${text.slice(0, letters - 1)}…` : text);
  const lines = named
    ? told.length <= rows
      ? told.map(short)
      : [
          ...told.slice(0, rows - 1).map(short),
          letters < 11 ? `+${told.length - rows + 1}` : `and ${told.length - rows + 1} more`,
        ]
    : below && label.length > letters && height > 2 * r + 2.2 * size + 10 * px
      ? wrap(label, letters)
      : [short(label)];
  const firstLine = below ? y + head + size / 2 : named ? y + r + 4 * px : mid;
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
      aria-label={`${c.name}: ${contents.length === 0 ? 'empty' : `${contents.length} ${contents.length === 1 ? 'line' : 'lines'}, ${first}`}${home === '' ? '' : `, home of ${home}`}, ${fillWords(fill)}${reach ? `, ripple ${reach.ripple} ${RIPPLE_WORD[reach.ripple]}, ${SIGHT_WORD[reach.sight.state]}` : ''}${heat ? `, ${heat.words}` : ''}`}
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
      {tight && heat && (
        <text
          x={x + (width - 8 * px) / 2}
          y={y + height / 2}
          dy="0.35em"
          textAnchor="middle"
          fontSize={Math.min(size, width / 3.2)}
          fontWeight={700}
          fill="var(--ink)"
        >
          {heat.short}
        </text>
      )}
      {reach && !tight && <RippleMark ripple={reach.ripple} x={x + r + 5 * px} y={mid} r={r} />}
      {letters > 3 &&
        !tight &&
        lines.map((line, i) => (
          <text
            key={i}
            x={below ? x + 5 * px : x + 2 * r + 9 * px}
            y={firstLine + i * step}
            dy="0.35em"
            fontSize={size}
            fill={first === '' && !heat ? 'var(--soft)' : 'var(--ink)'}
            fontWeight={chosen || heat || (i === 0 && home !== '') ? 700 : 400}
          >
            {line}
          </text>
        ))}
      {contents.length > 0 && (
        <Tide fill={fill} x={x + width - 7 * px} y={y + 2 * px} width={5 * px} height={height - 4 * px} grow={grow} />
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

/** Two lines of at most so many letters. */
function wrap(text: string, letters: number): string[] {
  const cut = text.lastIndexOf(' ', letters);
  const at = cut > 2 ? cut : letters;
  const rest = text.slice(at).trim();
  return [text.slice(0, at), rest.length > letters ? `${rest.slice(0, letters - 1)}…` : rest];
}
