/** The room from above: walls, openings, furniture, seats with their ripples. Units and seats can be dragged and nudged. */
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, type Plan, type Station, type Unit } from '@heronstone/core/model/plan.ts';
import { bodyAt, levelReach, pace, SWIVEL_STEP } from '@heronstone/core/reach/body.ts';
import { outlineOf, wallsOf, type Wall } from '@heronstone/core/room/walls.ts';
import { snapUnit } from '@heronstone/core/room/snap.ts';
import { commit, preview, select, shownPlan, stationOf, useStore } from '../state/store.ts';
import { RippleMark } from './RippleMark.tsx';

const WALL = 110;

export interface AboveProps {
  /** Whether things can be moved here. */
  editable?: boolean;
  /** Compartments to be lit up. */
  lit?: readonly string[];
  rings?: boolean;
  /** Drawn small, without dimensions. */
  small?: boolean;
}

export function FromAbove({ editable = false, lit = [], rings = true, small = false }: AboveProps) {
  const plan = useStore(shownPlan);
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const stationId = useStore(stationOf);
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{
    kind: 'units' | 'stations';
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
  const moved = (kind: 'units' | 'stations', id: string, x: number, y: number, loose: boolean): Change[] => {
    if (kind === 'stations') return [set('stations', id, { x: Math.round(x), y: Math.round(y) })];
    const unit = plan.units[id]!;
    const free = { x: Math.round(x), y: Math.round(y), turn: unit.turn };
    const to = loose ? free : snapUnit({ ...unit, ...free }, plan, 10 * px);
    return [set('units', id, { x: to.x, y: to.y, turn: to.turn })];
  };
  const down = (kind: 'units' | 'stations', id: string) => (event: PointerEvent) => {
    event.stopPropagation();
    select({ kind: kind === 'units' ? 'unit' : 'station', id });
    if (!editable || event.button !== 0) return;
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
      commit(`Move ${row.name}`, moved(drag.kind, drag.id, p.x + drag.dx, p.y + drag.dy, event.altKey));
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
      {!small && selected?.kind === 'unit' && plan.units[selected.id] && (
        <Distances unit={plan.units[selected.id]!} walls={walls} px={px} say={(mm) => formatLength(mm, system)} />
      )}
      {!small && <North x={right - 26 * px} y={top + 40 * px} px={px} />}
    </svg>
  );
}

function closed(points: ReadonlyArray<{ x: number; y: number }>): string {
  return `M${points.map((p) => `${p.x} ${p.y}`).join('L')}Z`;
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

function WallThings({ wall, plan, px, small }: { wall: Wall; plan: Plan; px: number; small: boolean }) {
  const on = (along: number, out: number) => ({
    x: wall.from.x + wall.along.x * along + wall.inward.x * out,
    y: wall.from.y + wall.along.y * along + wall.inward.y * out,
  });
  const middle = on(wall.length / 2, -WALL - 26 * px);
  const upright = Math.abs(wall.along.y) > 0.7;
  return (
    <g>
      {!small && (
        <text
          x={middle.x}
          y={middle.y}
          dy="0.35em"
          textAnchor="middle"
          fontSize={12 * px}
          fill="var(--soft)"
          transform={upright ? `rotate(-90 ${middle.x} ${middle.y})` : undefined}
        >
          {wall.name} · {formatLength(wall.length, plan.meta.units)}
        </text>
      )}
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
              onPointerDown={(e) => {
                e.stopPropagation();
                select({ kind: 'opening', id: o.id });
              }}
              onKeyDown={(e) => e.key === 'Enter' && select({ kind: 'opening', id: o.id })}
            >
              <path
                d={closed([a, b, c, d])}
                fill={o.kind === 'window' ? 'color-mix(in srgb, var(--w4) 45%, var(--leaf))' : 'var(--leaf)'}
                stroke="var(--ink)"
                strokeWidth={1.3 * px}
              />
              {o.swing !== 'none' && (
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
              onPointerDown={(e) => {
                e.stopPropagation();
                select({ kind: 'fixture', id: f.id });
              }}
              onKeyDown={(e) => e.key === 'Enter' && select({ kind: 'fixture', id: f.id })}
            >
              <title>{f.kind}</title>
              {f.kind === 'socket' ? (
                <>
                  <circle
                    cx={centre.x}
                    cy={centre.y}
                    r={6 * px}
                    fill="var(--leaf)"
                    stroke="var(--ink)"
                    strokeWidth={1.3 * px}
                  />
                  <circle cx={centre.x} cy={centre.y} r={1.8 * px} fill="var(--ink)" />
                </>
              ) : (
                <path
                  d={closed(box)}
                  fill={f.kind === 'heater' ? 'var(--sand)' : 'color-mix(in srgb, var(--lichen) 60%, var(--leaf))'}
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

/** The ripples round the chosen seat: forearm zone, arm's length, swivel, two paces. */
function Rings({ station, plan, px, small }: { station: Station; plan: Plan; px: number; small: boolean }) {
  const person = plan.people[station.person]!;
  const body = bodyAt(station, person);
  const swivel = levelReach(body, body.shoulder) + SWIVEL_STEP;
  const rings = [
    { r: body.forearmZone + body.halfBreadth, n: 1 },
    { r: body.grip + body.halfBreadth * 0.6, n: 2 },
    { r: swivel, n: 3 },
    { r: Math.max(2 * pace(person.stature), swivel * 1.2), n: 4 },
  ] as const;
  return (
    <g clipPath="url(#floor)" pointerEvents="none">
      {[...rings].reverse().map(({ r, n }) => (
        <g key={n}>
          <circle
            cx={station.x}
            cy={station.y}
            r={r}
            fill={n <= 2 ? 'var(--wash)' : 'none'}
            stroke={`var(--w${n})`}
            strokeWidth={(n === 1 ? 2 : 1.4) * px}
          />
          {!small && (
            <RippleMark
              ripple={n}
              x={station.x + r * Math.cos(0.9 + n * 0.06)}
              y={station.y + r * Math.sin(0.9 + n * 0.06)}
              r={8 * px}
            />
          )}
        </g>
      ))}
    </g>
  );
}

function Seat({
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

/** Distances of the selected unit from the walls that its sides face. */
function Distances({
  unit,
  walls,
  px,
  say,
}: {
  unit: Unit;
  walls: readonly Wall[];
  px: number;
  say: (mm: number) => string;
}) {
  const feet = footprint(unit);
  const lines: ReactNode[] = [];
  for (const wall of walls) {
    const off = feet.map((p) => ({ p, d: (p.x - wall.from.x) * wall.inward.x + (p.y - wall.from.y) * wall.inward.y }));
    const nearest = Math.min(...off.map((o) => o.d));
    if (nearest < 15) continue;
    const face = off.filter((o) => o.d - nearest < 1).map((o) => o.p);
    const from = {
      x: face.reduce((sum, p) => sum + p.x, 0) / face.length,
      y: face.reduce((sum, p) => sum + p.y, 0) / face.length,
    };
    const to = { x: from.x - wall.inward.x * nearest, y: from.y - wall.inward.y * nearest };
    const mid = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const label = say(nearest);
    lines.push(
      <g key={wall.id} pointerEvents="none">
        <line
          x1={from.x}
          y1={from.y}
          x2={to.x}
          y2={to.y}
          stroke="var(--rust)"
          strokeWidth={px}
          strokeDasharray={`${3 * px} ${3 * px}`}
        />
        <rect
          x={mid.x - label.length * 3.6 * px}
          y={mid.y - 9 * px}
          width={label.length * 7.2 * px}
          height={18 * px}
          rx={9 * px}
          fill="var(--leaf)"
          stroke="var(--line)"
          strokeWidth={px}
        />
        <text x={mid.x} y={mid.y} dy="0.35em" textAnchor="middle" fontSize={11.5 * px} fill="var(--ink)">
          {label}
        </text>
      </g>,
    );
  }
  return <>{lines}</>;
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
