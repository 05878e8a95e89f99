/** A unit from above; when it is chosen, with its drawers out and its doors open. */
import type { KeyboardEvent, PointerEvent } from 'react';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { openedOf } from '@heronstone/core/furniture/opened.ts';
import type { Unit } from '@heronstone/core/model/plan.ts';
import type { Heat } from '../tint.ts';
import { useHeld } from '../../state/held.ts';
import { closed } from './svgPath.ts';
import { spokenUnit, unitWords } from './unitWords.ts';

interface UnitAboveProps {
  unit: Unit;
  /** Chosen, or chosen along with another. */
  on: boolean;
  lit: boolean;
  bad: boolean;
  /** What is washed over it. */
  heat: Heat | null;
  px: number;
  small: boolean;
  editable: boolean;
  onPointerDown: (event: PointerEvent) => void;
  onKeyDown: (event: KeyboardEvent) => void;
}

export function UnitAbove({ unit, on, lit, bad, heat, px, small, editable, onPointerDown, onKeyDown }: UnitAboveProps) {
  const over = useHeld((s) => s.over === unit.id);
  const high = unit.bottom > 900;
  const inside = unit.host !== null;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={spokenUnit(unit, bad, heat?.words)}
      aria-pressed={on}
      data-unit={unit.id}
      className={editable && !unit.pinned && !inside ? 'cursor-move' : 'cursor-pointer'}
      onPointerDown={onPointerDown}
      onKeyDown={onKeyDown}
    >
      <title>{unit.name}</title>
      {on && !small && <Opened unit={unit} px={px} />}
      <path
        d={closed(footprint(unit))}
        fill={
          bad
            ? 'color-mix(in srgb, var(--rust) 16%, var(--leaf))'
            : unit.kind === 'table'
              ? 'var(--wood)'
              : high || inside
                ? 'none'
                : unit.bottom > 300
                  ? 'color-mix(in srgb, var(--sand) 60%, var(--leaf))'
                  : 'var(--leaf)'
        }
        fillOpacity={unit.kind === 'table' ? 0.85 : 1}
        stroke={on || lit || bad || over ? 'var(--rust)' : 'var(--ink)'}
        strokeWidth={(on || lit || over ? 2.4 : inside ? 0.7 : 1.3) * px}
        strokeDasharray={high ? `${6 * px} ${4 * px}` : unit.owned ? undefined : `${2 * px} ${3 * px}`}
        pointerEvents={inside && !on ? 'none' : 'all'}
      />
      {heat && (
        <path d={closed(footprint(unit))} fill="var(--rust)" opacity={0.06 + 0.5 * heat.share} pointerEvents="none" />
      )}
      {unit.depth > 60 && !high && !inside && unit.kind !== 'carousel' && <FrontEdge unit={unit} px={px} />}
      {unit.wheels && !small && !high && <Wheels unit={unit} px={px} />}
      {lit && (
        <circle
          className="lit"
          cx={unit.x}
          cy={unit.y}
          r={Math.min(unit.width, unit.depth) / 2 + 14 * px}
          fill="none"
          stroke="var(--rust)"
          strokeWidth={2.4 * px}
        />
      )}
    </g>
  );
}

/** The name of a unit, or what is washed over it: written over all furniture, so that nothing that hangs there crosses it out. */
export function UnitName({ unit, on, heat, px }: { unit: Unit; on: boolean; heat: Heat | null; px: number }) {
  const label = heat ? (Math.max(unit.width, unit.depth) < 60 * px ? heat.short : heat.words) : unit.name;
  const words = unitWords(unit, label, on, px);
  if (!words) return null;
  return (
    <text
      data-name-of={unit.id}
      x={unit.x}
      y={unit.y}
      dy="0.35em"
      textAnchor="middle"
      fontSize={words.letter}
      fontWeight={on ? 700 : 400}
      fill="var(--ink)"
      stroke={heat ? 'none' : unit.kind === 'table' ? 'var(--wood)' : 'var(--leaf)'}
      strokeWidth={3 * px}
      paintOrder="stroke"
      transform={words.upright ? `rotate(-90 ${unit.x} ${unit.y})` : undefined}
      pointerEvents="none"
    >
      {label}
    </text>
  );
}

/** Drawers pulled out, doors swung open, the lid up. */
function Opened({ unit, px }: { unit: Unit; px: number }) {
  const parts = openedOf(unit);
  // Drawers of one column lie above each other: the longest is enough.
  const seen = new Set<string>();
  return (
    <g pointerEvents="none" data-opened={parts.length}>
      {parts.map((part) => {
        const d = closed(part.shape.map((p) => ({ x: Math.round(p.x), y: Math.round(p.y) })));
        if (part.kind === 'lid' || seen.has(d)) return null;
        seen.add(d);
        return (
          <path
            key={part.slot + part.kind + d}
            d={d}
            fill="color-mix(in srgb, var(--wash) 60%, transparent)"
            stroke="var(--ink)"
            strokeWidth={px}
            strokeDasharray={part.kind === 'door' ? `${5 * px} ${3 * px}` : undefined}
          />
        );
      })}
    </g>
  );
}

/** A thin inner line along the front of a unit, so that one sees where it opens. */
function FrontEdge({ unit, px }: { unit: Unit; px: number }) {
  const shape = footprint({ ...unit, depth: unit.depth - 8 * px });
  const [, , c, d] = shape;
  if (!c || !d) return null;
  return (
    <line
      x1={c.x}
      y1={c.y}
      x2={d.x}
      y2={d.y}
      stroke="var(--ink)"
      strokeWidth={0.7 * px}
      opacity="0.5"
      pointerEvents="none"
    />
  );
}

/** A dot at each corner of what rolls. */
function Wheels({ unit, px }: { unit: Unit; px: number }) {
  const inset = { ...unit, width: unit.width - 14 * px, depth: unit.depth - 14 * px };
  return (
    <g pointerEvents="none" fill="var(--ink)" opacity="0.7">
      {footprint(inset).map((p, i) => (
        <circle key={i} cx={p.x} cy={p.y} r={2.2 * px} />
      ))}
    </g>
  );
}
