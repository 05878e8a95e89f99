/** The room from above: walls, openings, furniture, seats with their ripples. Units and seats can be dragged and nudged. */
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, type Station, type Unit } from '@heronstone/core/model/plan.ts';
import { outlineOf, wallsOf } from '@heronstone/core/room/walls.ts';
import { alignCorner, snapUnit } from '@heronstone/core/room/snap.ts';
import { isLoose, shiftUnits } from '@heronstone/core/room/arrange.ts';
import {
  commit,
  drawnPlan,
  preview,
  select,
  selectAlso,
  personOf,
  seatOf,
  stationOf,
  useStore,
} from '../state/store.ts';
import { Areas, Crossing, Marks, Overheads } from './above/Areas.tsx';
import { Distances } from './above/Distances.tsx';
import { closed, WALL } from './above/path.ts';
import { Rings, Seat } from './above/Seat.tsx';
import { washOfUnit } from './wash.ts';
import { UnitAbove } from './above/UnitAbove.tsx';
import { WallThings } from './above/WallThings.tsx';
import { Way } from './above/WalkedPath.tsx';

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
  const plan = useStore(drawnPlan);
  const mode = useStore((s) => s.mode);
  const also = useStore((s) => s.also);
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const stationId = useStore(stationOf);
  const seat = useStore(seatOf);
  const person = useStore(personOf);
  const wash = useStore((s) => s.wash);
  const arrangement = useStore((s) => s.arrangement);
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
  const { units: system } = plan.meta;
  const wrong = new Set(
    (report?.findings ?? [])
      .filter((f) => f.severity === 'error')
      .flatMap((f) => f.targets.flatMap((t) => (t.table === 'units' ? [t.id] : []))),
  );
  const station = stationId ? plan.stations[stationId] : undefined;

  const at = (event: PointerEvent) => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: p.x, y: p.y };
  };
  /** Where a unit stands before the drag, in the mode that is on. */
  const standingAt = (id: string) => {
    const stored = useStore.getState().plan!;
    const spot = Object.values(stored.spots).find((s) => mode !== '' && s.unit === id && s.mode === mode);
    const { x, y, turn } = spot ?? stored.units[id]!;
    return { x, y, turn };
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
    const stored = useStore.getState().plan!;
    const unit = { ...stored.units[id]!, ...standingAt(id) };
    const free = { x: Math.round(x), y: Math.round(y), turn: unit.turn };
    const to = loose ? free : snapUnit({ ...unit, ...free }, plan, 10 * px);
    const turned = to.turn === unit.turn ? [] : [set('units', id, { turn: to.turn })];
    return [...shiftUnits(stored, [id, ...also], to.x - unit.x, to.y - unit.y, mode), ...turned];
  };
  const down = (kind: 'units' | 'stations' | 'corners', id: string) => (event: PointerEvent) => {
    event.stopPropagation();
    if (kind === 'units' && editable && (event.shiftKey || event.ctrlKey || event.metaKey)) {
      selectAlso(id);
      return;
    }
    // A hand on one of several that are chosen moves them all.
    if (!(kind === 'units' && also.includes(id)))
      select({ kind: kind === 'units' ? 'unit' : kind === 'corners' ? 'corner' : 'station', id });
    if (!(editable || kind === 'corners') || event.button !== 0) return;
    if (kind === 'units' && !isLoose(plan.units[id]!)) return;
    const p = at(event);
    const row = kind === 'units' ? standingAt(id) : plan[kind][id]!;
    setDrag({ kind, id, dx: row.x - p.x, dy: row.y - p.y, moved: false });
    svg.current!.setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent) => {
    if (!drag) return;
    const p = at(event);
    const row = drag.kind === 'units' ? standingAt(drag.id) : useStore.getState().plan![drag.kind][drag.id]!;
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
      if (kind === 'units' && editable && (event.shiftKey || event.ctrlKey)) selectAlso(row.id);
      else select({ kind: kind === 'units' ? 'unit' : 'station', id: row.id });
    }
    if (!editable) return;
    const by = event.shiftKey ? 100 : event.altKey ? 1 : 10;
    const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[event.key];
    if (step) {
      event.preventDefault();
      const together =
        also.includes(row.id) || selected?.id === row.id ? [row.id, ...also, selected?.id ?? ''] : [row.id];
      const stored = useStore.getState().plan!;
      commit(
        `Nudge ${row.name}`,
        kind === 'units'
          ? shiftUnits(stored, together, step[0]!, step[1]!, mode)
          : [set(kind, row.id, { x: row.x + step[0]!, y: row.y + step[1]! })],
      );
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
      <Overheads plan={plan} px={px} small={small} />
      {rings && station && person && <Rings station={station} person={person} plan={plan} px={px} small={small} />}
      {byName(plan.units)
        .sort((a, b) => a.bottom + a.height - (b.bottom + b.height))
        .map((unit) => (
          <UnitAbove
            key={unit.id}
            unit={unit}
            on={(selected?.kind === 'unit' && selected.id === unit.id) || also.includes(unit.id)}
            lit={lit.some((c) => c.startsWith(`${unit.id}/`))}
            bad={wrong.has(unit.id)}
            heat={report && !small ? washOfUnit(report, unit.id, seat, arrangement, wash) : null}
            px={px}
            small={small}
            editable={editable}
            onPointerDown={down('units', unit.id)}
            onKeyDown={key('units', unit)}
          />
        ))}
      <Areas plan={plan} mode={mode} px={px} small={small} />
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
      <Crossing report={report} px={px} />
      {editable && report && <Marks plan={plan} report={report} mode={mode} px={px} />}
      {seat && report && (
        <Way report={report} selected={selected} station={seat} px={px} say={(mm) => formatLength(mm, system)} />
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
      {!small && <North x={right - 26 * px} y={top + 40 * px} px={px} turn={plan.meta.north} />}
    </svg>
  );
}

function North({ x, y, px, turn }: { x: number; y: number; px: number; turn: number }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${px}) rotate(${turn})`} aria-hidden="true">
      <path d="M0 -16 L8 8 L0 3 L-8 8 Z" fill="var(--ink)" />
      <text y="24" textAnchor="middle" fontSize="12" fill="var(--soft)">
        N
      </text>
    </g>
  );
}
