/** The room from above: walls, openings, furniture, seats with their ripples. Units and seats can be dragged and nudged. */
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, type Station, type Unit } from '@heronstone/core/model/plan.ts';
import { outlineOf, wallsOf } from '@heronstone/core/room/walls.ts';
import { alignCorner, snapUnit } from '@heronstone/core/room/snap.ts';
import { commit, preview, select, shownPlan, stationOf, useStore } from '../state/store.ts';
import { Distances } from './above/Distances.tsx';
import { closed, WALL } from './above/path.ts';
import { Rings, Seat } from './above/Seat.tsx';
import { WallThings } from './above/WallThings.tsx';
import { Way } from './above/Way.tsx';

export interface AboveProps {
  /** Whether things can be moved here. */
  editable?: boolean;
  /** Compartments to be lit up. */
  lit?: readonly string[];
  rings?: boolean;
  /** Whether the corners of the room have handles. */
  corners?: boolean;
  /** Drawn small, without dimensions. */
  small?: boolean;
}

export function FromAbove({ editable = false, lit = [], rings = true, corners = false, small = false }: AboveProps) {
  const plan = useStore(shownPlan);
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const stationId = useStore(stationOf);
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{
    kind: 'units' | 'stations' | 'corners';
    id: string;
    dx: number;
    dy: number;
    moved: boolean;
  } | null>(null);
  const [wide, setWide] = useState(900);
  useEffect(() => {
    const box = svg.current;
    if (!box) return;
    const watch = new ResizeObserver(() => setWide(Math.min(box.clientWidth, box.clientHeight * 1.6) || 900));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);
  if (!plan) return null;
  const outline = outlineOf(plan);
  if (outline.length < 3) return null;
  const walls = wallsOf(plan);
  const xs = outline.map((p) => p.x);
  const ys = outline.map((p) => p.y);
  const pad = small ? 300 : 420;
  const [left, top, right, bottom] = [
    Math.min(...xs) - pad,
    Math.min(...ys) - pad,
    Math.max(...xs) + pad,
    Math.max(...ys) + pad,
  ];
  /** mm in a screen pixel, so that texts and strokes keep their size on the screen. */
  const px = Math.max((right - left) / Math.max(wide, 200), (bottom - top) / Math.max(wide / 1.6, 200));
  const text = 12.5 * px;
  const { units: system } = plan.meta;
  const wrong = new Set(
    report?.findings.filter((f) => f.severity === 'error' && f.target?.table === 'units').map((f) => f.target!.id),
  );
  for (const f of report?.findings ?? [])
    if (f.code === 'overlap')
      byName(plan.units)
        .filter((u) => f.message.includes(u.name))
        .forEach((u) => wrong.add(u.id));
  const station = stationId ? plan.stations[stationId] : undefined;

  const at = (event: PointerEvent) => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: p.x, y: p.y };
  };
  const moved = (
    kind: 'units' | 'stations' | 'corners',
    id: string,
    x: number,
    y: number,
    loose: boolean,
  ): Change[] => {
    if (kind === 'corners')
      return [
        set('corners', id, loose ? { x: Math.round(x), y: Math.round(y) } : alignCorner(plan, id, { x, y }, 10 * px)),
      ];
    if (kind === 'stations') return [set('stations', id, { x: Math.round(x), y: Math.round(y) })];
    const unit = plan.units[id]!;
    const free = { x: Math.round(x), y: Math.round(y), turn: unit.turn };
    const to = loose ? free : snapUnit({ ...unit, ...free }, plan, 10 * px);
    return [set('units', id, { x: to.x, y: to.y, turn: to.turn })];
  };
  const down = (kind: 'units' | 'stations' | 'corners', id: string) => (event: PointerEvent) => {
    event.stopPropagation();
    select({ kind: kind === 'units' ? 'unit' : kind === 'corners' ? 'corner' : 'station', id });
    if (!(editable || kind === 'corners') || event.button !== 0) return;
    const p = at(event);
    const row = plan[kind][id]!;
    setDrag({ kind, id, dx: row.x - p.x, dy: row.y - p.y, moved: false });
    svg.current!.setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent) => {
    if (!drag) return;
    const p = at(event);
    const row = useStore.getState().plan![drag.kind][drag.id]!;
    if (!drag.moved && Math.hypot(p.x + drag.dx - row.x, p.y + drag.dy - row.y) < 4 * px) return;
    if (!drag.moved) setDrag({ ...drag, moved: true });
    preview(moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey));
  };
  const up = (event: PointerEvent) => {
    if (drag?.moved) {
      const p = at(event);
      const row = plan[drag.kind][drag.id]!;
      commit(
        `Move ${'name' in row ? row.name : 'a corner'}`,
        moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey),
      );
    }
    preview(null);
    setDrag(null);
  };
  const key = (kind: 'units' | 'stations', row: Unit | Station) => (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      select({ kind: kind === 'units' ? 'unit' : 'station', id: row.id });
    }
    if (!editable) return;
    const by = event.shiftKey ? 100 : event.altKey ? 1 : 10;
    const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[event.key];
    if (step) {
      event.preventDefault();
      commit(`Nudge ${row.name}`, [set(kind, row.id, { x: row.x + step[0]!, y: row.y + step[1]! })]);
    }
    if (event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey) {
      const turn =
        kind === 'units' ? { turn: ((row as Unit).turn + 90) % 360 } : { facing: ((row as Station).facing + 90) % 360 };
      commit(`Turn ${row.name}`, [set(kind, row.id, turn)]);
    }
  };

  return (
    <svg
      ref={svg}
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      className="h-full w-full touch-none"
      role="group"
      aria-label={`${plan.meta.room} from above`}
      onPointerDown={() => select(null)}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => {
        preview(null);
        setDrag(null);
      }}
    >
      <defs>
        <pattern id="hatch" width={7 * px} height={7 * px} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={7 * px} height={7 * px} fill="var(--sand)" />
          <line y2={7 * px} stroke="var(--soft)" strokeWidth={0.8 * px} opacity="0.6" />
        </pattern>
        <clipPath id="floor">
          <path d={closed(outline)} />
        </clipPath>
      </defs>
      <path d={closed(outline)} fill="url(#hatch)" stroke="url(#hatch)" strokeWidth={WALL * 2} strokeLinejoin="miter" />
      <path d={closed(outline)} fill="var(--leaf)" stroke="var(--ink)" strokeWidth={1.8 * px} />
      {walls.map((wall) => (
        <WallThings key={wall.id} wall={wall} plan={plan} px={px} small={small} />
      ))}
      {rings && station && <Rings station={station} plan={plan} px={px} small={small} />}
      {byName(plan.units)
        .sort((a, b) => a.bottom + a.height - (b.bottom + b.height))
        .map((unit) => {
          const on = selected?.kind === 'unit' && selected.id === unit.id;
          const glow = lit.some((c) => c.startsWith(`${unit.id}/`));
          const bad = wrong.has(unit.id);
          const across = Math.abs(Math.cos((unit.turn * Math.PI) / 180)) > 0.7;
          const [w, d] = across ? [unit.width, unit.depth] : [unit.depth, unit.width];
          const upright = w < d && w < unit.name.length * text * 0.55;
          const room = (upright ? d : w) - 8 * px;
          const fits = Math.min(text, (room / Math.max(unit.name.length, 4)) * 1.85);
          return (
            <g
              key={unit.id}
              role="button"
              tabIndex={0}
              aria-label={`${unit.name}, ${unit.kind}${bad ? ', has a problem' : ''}`}
              aria-pressed={on}
              data-unit={unit.id}
              className={editable ? 'cursor-move' : 'cursor-pointer'}
              onPointerDown={down('units', unit.id)}
              onKeyDown={key('units', unit)}
            >
              <title>{unit.name}</title>
              <path
                d={closed(footprint(unit))}
                fill={
                  bad
                    ? 'color-mix(in srgb, var(--rust) 16%, var(--leaf))'
                    : unit.kind === 'table'
                      ? 'var(--wood)'
                      : unit.bottom > 900
                        ? 'none'
                        : 'var(--leaf)'
                }
                fillOpacity={unit.kind === 'table' ? 0.85 : 1}
                stroke={on || glow || bad ? 'var(--rust)' : 'var(--ink)'}
                strokeWidth={(on || glow ? 2.4 : 1.3) * px}
                strokeDasharray={unit.bottom > 900 ? `${6 * px} ${4 * px}` : undefined}
                pointerEvents="all"
              />
              {unit.depth > 60 && unit.bottom <= 900 && <FrontEdge unit={unit} px={px} />}
              {glow && (
                <circle
                  className="lit"
                  cx={unit.x}
                  cy={unit.y}
                  r={Math.min(w, d) / 2 + 14 * px}
                  fill="none"
                  stroke="var(--rust)"
                  strokeWidth={2.4 * px}
                />
              )}
              {fits > 7 * px && !small && unit.depth > 60 && (on || unit.bottom <= 900) && (
                <text
                  x={unit.x}
                  y={unit.y}
                  dy="0.35em"
                  textAnchor="middle"
                  fontSize={fits}
                  fontWeight={on ? 700 : 400}
                  fill="var(--ink)"
                  transform={upright ? `rotate(-90 ${unit.x} ${unit.y})` : undefined}
                  pointerEvents="none"
                >
                  {unit.name}
                </text>
              )}
            </g>
          );
        })}
      {byName(plan.stations).map((s) => (
        <Seat
          key={s.id}
          station={s}
          on={selected?.kind === 'station' && selected.id === s.id}
          shown={s.id === stationId}
          px={px}
          editable={editable}
          onPointerDown={down('stations', s.id)}
          onKeyDown={key('stations', s)}
        />
      ))}
      {stationId && report && (
        <Way report={report} selected={selected} station={stationId} px={px} say={(mm) => formatLength(mm, system)} />
      )}
      {!small && selected?.kind === 'unit' && plan.units[selected.id] && (
        <Distances unit={plan.units[selected.id]!} walls={walls} px={px} say={(mm) => formatLength(mm, system)} />
      )}
      {corners &&
        Object.values(plan.corners).map((corner) => (
          <circle
            key={corner.id}
            cx={corner.x}
            cy={corner.y}
            r={8 * px}
            role="button"
            tabIndex={0}
            aria-label={`Corner where ${corner.wall} starts`}
            aria-pressed={selected?.kind === 'corner' && selected.id === corner.id}
            data-corner={corner.id}
            className="cursor-move"
            fill={selected?.kind === 'corner' && selected.id === corner.id ? 'var(--rust)' : 'var(--leaf)'}
            stroke="var(--ink)"
            strokeWidth={1.6 * px}
            onPointerDown={down('corners', corner.id)}
            onKeyDown={(event) => {
              if (event.key === 'Enter') select({ kind: 'corner', id: corner.id });
              const by = event.shiftKey ? 100 : event.altKey ? 1 : 10;
              const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[
                event.key
              ];
              if (!step) return;
              event.preventDefault();
              commit('Nudge a corner', [set('corners', corner.id, { x: corner.x + step[0]!, y: corner.y + step[1]! })]);
            }}
          />
        ))}
      {!small && <North x={right - 26 * px} y={top + 40 * px} px={px} />}
    </svg>
  );
}

/** A thin inner line along the front of a unit, so that one sees where it opens. */
function FrontEdge({ unit, px }: { unit: Unit; px: number }) {
  const [, , c, d] = footprint({ ...unit, depth: unit.depth - 8 * px });
  return (
    <line
      x1={c!.x}
      y1={c!.y}
      x2={d!.x}
      y2={d!.y}
      stroke="var(--ink)"
      strokeWidth={0.7 * px}
      opacity="0.5"
      pointerEvents="none"
    />
  );
}

function North({ x, y, px }: { x: number; y: number; px: number }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${px})`} aria-hidden="true">
      <path d="M0 -16 L8 8 L0 3 L-8 8 Z" fill="var(--ink)" />
      <text y="24" textAnchor="middle" fontSize="12" fill="var(--soft)">
        N
      </text>
    </g>
  );
}
