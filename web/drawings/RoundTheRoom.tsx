/** All walls unrolled into one long strip, seen from inside: every drawer, shelf and cubby front at its true height. */
import { useDroppable } from '@dnd-kit/core';
import { memo, useEffect, useRef, useState } from 'react';
import type { CompartmentReport, Report } from '@heronstone/core/evaluate.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Arrangement, Plan, Station, Unit } from '@heronstone/core/model/plan.ts';
import { bodyAt, bodyOf, RIPPLE_WORD } from '@heronstone/core/reach/body.ts';
import { angleBetween } from '@heronstone/core/room/geometry.ts';
import { select, shownPlan, stationOf, useStore } from '../state/store.ts';
import { RippleMark } from './RippleMark.tsx';
import { fillWords, Tide } from './Tide.tsx';

export interface RoundProps {
  lit?: readonly string[];
  /** Words about a place while something is dragged over it. */
  onCompartment?: (id: string) => void;
}

const TOP = 190;
const BELOW = 150;

export function RoundTheRoom({ lit = [], onCompartment }: RoundProps) {
  const plan = useStore(shownPlan);
  const report = useStore((s) => s.report);
  const stationId = useStore(stationOf);
  const arrangement = useStore((s) => s.arrangement);
  const selected = useStore((s) => s.selected);
  const frame = useRef<HTMLDivElement>(null);
  const [tall, setTall] = useState(480);
  const ready = report !== null;
  useEffect(() => {
    const box = frame.current;
    if (!box) return;
    const watch = new ResizeObserver(() => setTall(box.clientHeight || 480));
    watch.observe(box);
    return () => watch.disconnect();
  }, [ready]);
  const focusOn =
    lit[0] ?? (selected?.kind === 'compartment' ? selected.id : selected?.kind === 'unit' ? selected.id : null);
  useEffect(() => {
    const box = frame.current;
    if (!box || !focusOn) return;
    const mark = box.querySelector<SVGGElement>(
      `[data-place="${CSS.escape(focusOn)}"], [data-strip-unit="${CSS.escape(focusOn)}"]`,
    );
    if (!mark) return;
    const [m, b] = [mark.getBoundingClientRect(), box.getBoundingClientRect()];
    if (m.left < b.left + 20 || m.right > b.right - 20)
      box.scrollTo({
        left: box.scrollLeft + m.left - b.left - b.width / 2 + m.width / 2,
        behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth',
      });
  }, [focusOn, report]);
  if (!plan || !report || report.plan !== plan.meta.id || report.room.walls.length < 3)
    return <div ref={frame} className="h-full" />;

  const { walls, ceiling } = report.room;
  const total = walls.reduce((sum, w) => sum + w.length, 0);
  const high = ceiling + TOP + BELOW;
  const px = high / Math.max(tall - 14, 200);
  const y = (z: number) => TOP + ceiling - z;
  const station = stationId ? plan.stations[stationId] : undefined;
  const person = station && plan.people[station.person];
  const body = person && bodyOf(person.stature, null);
  const units = Object.values(plan.units)
    .map((unit) => ({ unit, span: report.units[unit.id]?.span ?? null }))
    .filter((u) => u.span !== null)
    .sort((a, b) => a.span!.gap - b.span!.gap);
  const groups = new Map<string, CompartmentReport[]>();
  for (const c of report.compartments) groups.set(c.unit, [...(groups.get(c.unit) ?? []), c]);

  return (
    <div
      ref={frame}
      className="h-full overflow-x-auto overflow-y-hidden"
      tabIndex={0}
      role="region"
      aria-label="Round the room, scrolls sideways"
    >
      <svg
        width={total / px}
        height={high / px}
        viewBox={`0 0 ${total} ${high}`}
        role="group"
        aria-label={`${plan.meta.room}, round the room`}
        onPointerDown={() => select(null)}
      >
        <rect x={0} y={TOP} width={total} height={ceiling} fill="var(--leaf)" />
        {body && (
          <rect
            x={0}
            y={y(body.standingShoulder)}
            width={total}
            height={body.standingShoulder - body.knuckle}
            fill="var(--wash)"
          />
        )}
        {walls.map((wall) => (
          <g key={wall.id}>
            <text x={wall.start + 10 * px} y={TOP - 12 * px} fontSize={13 * px} fontWeight="700" fill="var(--ink)">
              {wall.name}
              <tspan dx={10 * px} fontWeight="400" fill="var(--soft)">
                {formatLength(wall.length, plan.meta.units)}
              </tspan>
            </text>
            <line
              x1={wall.start}
              x2={wall.start}
              y1={TOP - 20 * px}
              y2={y(0) + 8 * px}
              stroke="var(--ink)"
              strokeWidth={1.3 * px}
            />
            <WallFace wall={wall.id} start={wall.start} plan={plan} y={y} px={px} />
          </g>
        ))}
        <path d={`M0 ${TOP}H${total}M0 ${y(0)}H${total}`} stroke="var(--ink)" strokeWidth={1.8 * px} />
        {body &&
          (
            [
              [body.overhead, 'overhead grip'],
              [body.standingShoulder, 'shoulder'],
              [body.knuckle, 'knuckle'],
              [body.knee, 'knee'],
            ] as const
          ).map(([z, word]) => (
            <g key={word} pointerEvents="none">
              <line
                x1={0}
                x2={total}
                y1={y(z)}
                y2={y(z)}
                stroke="var(--w3)"
                strokeWidth={px}
                strokeDasharray={`${2 * px} ${5 * px}`}
              />
              {walls.map((wall) => (
                <text
                  key={wall.id}
                  x={wall.start + wall.length - 8 * px}
                  y={y(z) - 4 * px}
                  textAnchor="end"
                  fontSize={10.5 * px}
                  fill="var(--soft)"
                >
                  {word} {formatLength(z, plan.meta.units)}
                </text>
              ))}
            </g>
          ))}
        {station && <Silhouette station={station} plan={plan} report={report} y={y} />}
        {units.map(({ unit, span }) => (
          <UnitFace
            key={unit.id}
            unit={unit}
            left={span!.left}
            right={span!.right}
            faces={span!.facesRoom}
            compartments={groups.get(unit.id) ?? NONE}
            report={report}
            plan={plan}
            station={stationId}
            arrangement={arrangement}
            chosen={
              selected?.kind === 'compartment' && selected.id.startsWith(`${unit.id}/`)
                ? selected.id
                : selected?.kind === 'unit' && selected.id === unit.id
                  ? unit.id
                  : null
            }
            lit={lit.filter((c) => c.startsWith(`${unit.id}/`)).join(' ')}
            base={TOP + ceiling}
            px={px}
            onCompartment={onCompartment}
          />
        ))}
      </svg>
    </div>
  );
}

const NONE: CompartmentReport[] = [];

function WallFace({
  wall,
  start,
  plan,
  y,
  px,
}: {
  wall: string;
  start: number;
  plan: Plan;
  y: (z: number) => number;
  px: number;
}) {
  return (
    <g pointerEvents="none">
      {Object.values(plan.openings)
        .filter((o) => o.corner === wall)
        .map((o) => (
          <g key={o.id}>
            <rect
              x={start + o.offset}
              y={y(o.sill + o.height)}
              width={o.width}
              height={o.height}
              fill={o.kind === 'window' ? 'color-mix(in srgb, var(--w4) 35%, var(--leaf))' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth={1.3 * px}
            />
            {o.kind === 'window' ? (
              <line
                x1={start + o.offset + o.width / 2}
                x2={start + o.offset + o.width / 2}
                y1={y(o.sill + o.height)}
                y2={y(o.sill)}
                stroke="var(--ink)"
                strokeWidth={px}
              />
            ) : (
              <circle
                cx={start + o.offset + (o.hinge === 'left' ? o.width - 70 : 70)}
                cy={y(1020)}
                r={22}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={px}
              />
            )}
          </g>
        ))}
      {Object.values(plan.fixtures)
        .filter((f) => f.corner === wall)
        .map((f) => (
          <g key={f.id}>
            <title>{f.kind}</title>
            <rect
              x={start + f.offset}
              y={y(f.bottom + f.height)}
              width={f.width}
              height={f.height}
              rx={f.kind === 'socket' ? 14 : 4}
              fill={f.kind === 'fuse board' ? 'color-mix(in srgb, var(--lichen) 40%, var(--leaf))' : 'var(--paper)'}
              stroke="var(--soft)"
              strokeWidth={px}
            />
            {f.kind === 'heater' &&
              Array.from({ length: Math.floor(f.width / 70) }, (_, i) => (
                <line
                  key={i}
                  x1={start + f.offset + 35 + i * 70}
                  x2={start + f.offset + 35 + i * 70}
                  y1={y(f.bottom + f.height) + 40}
                  y2={y(f.bottom) - 40}
                  stroke="var(--line)"
                  strokeWidth={2 * px}
                />
              ))}
          </g>
        ))}
    </g>
  );
}

/** The person at the chosen station, as a shape before the wall that they look at. */
function Silhouette({
  station,
  plan,
  report,
  y,
}: {
  station: Station;
  plan: Plan;
  report: Report;
  y: (z: number) => number;
}) {
  const person = plan.people[station.person]!;
  const wall = [...report.room.walls].sort(
    (a, b) => angleBetween(a.turn, station.facing) - angleBetween(b.turn, station.facing),
  )[0]!;
  const along = wall.start + (station.x - wall.from.x) * wall.along.x + (station.y - wall.from.y) * wall.along.y;
  const body = bodyAt(station, person);
  const half = body.halfBreadth;
  const head = (person.stature * 0.13) / 2;
  const hip = station.posture === 'seated' ? station.seatHeight : person.stature * 0.53;
  return (
    <g fill="var(--w2)" opacity="0.22" pointerEvents="none">
      <ellipse cx={along} cy={y(body.shoulder + head * 1.25)} rx={head * 0.75} ry={head} />
      <path
        d={`M${along - half} ${y(hip)}L${along - half * 1.05} ${y(body.shoulder - 60)}Q${along - half} ${y(body.shoulder)} ${along - half * 0.4} ${y(body.shoulder + 10)}H${along + half * 0.4}Q${along + half} ${y(body.shoulder)} ${along + half * 1.05} ${y(body.shoulder - 60)}L${along + half} ${y(hip)}Z`}
      />
      <path d={`M${along - half} ${y(hip)}H${along + half}L${along + half * 0.7} ${y(20)}H${along - half * 0.7}Z`} />
    </g>
  );
}

interface UnitFaceProps {
  unit: Unit;
  left: number;
  right: number;
  faces: boolean;
  compartments: readonly CompartmentReport[];
  report: Report;
  plan: Plan;
  station: string | null;
  arrangement: Arrangement;
  /** The unit or one of its compartments, when chosen. */
  chosen: string | null;
  /** Ids of lit compartments, joined. */
  lit: string;
  base: number;
  px: number;
  onCompartment?: ((id: string) => void) | undefined;
}

const UnitFace = memo(function UnitFace({
  unit,
  left,
  right,
  faces,
  compartments,
  report,
  plan,
  station,
  arrangement,
  chosen,
  lit,
  base,
  px,
  onCompartment,
}: UnitFaceProps) {
  const y = (z: number) => base - z;
  const top = unit.bottom + unit.height;
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
          fill={
            unit.kind === 'pegboard' || unit.kind === 'cube shelf' || unit.kind === 'bookcase'
              ? 'color-mix(in srgb, var(--wood) 55%, var(--leaf))'
              : 'var(--leaf)'
          }
          stroke={chosen === unit.id ? 'var(--rust)' : 'var(--ink)'}
          strokeWidth={(chosen === unit.id ? 2.4 : 1.3) * px}
          pointerEvents="none"
        />
      )}
      {compartments.map((c) => (
        <Front
          key={c.id}
          compartment={c}
          left={faces ? left : left + (right - left - unit.width) / 2}
          report={report}
          plan={plan}
          station={station}
          arrangement={arrangement}
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

interface FrontProps extends Pick<
  UnitFaceProps,
  'report' | 'plan' | 'station' | 'arrangement' | 'base' | 'px' | 'onCompartment'
> {
  compartment: CompartmentReport;
  left: number;
  chosen: boolean;
  lit: boolean;
}

function Front({
  compartment: c,
  left,
  report,
  plan,
  station,
  arrangement,
  chosen,
  lit,
  base,
  px,
  onCompartment,
}: FrontProps) {
  const { setNodeRef, isOver } = useDroppable({ id: c.id });
  const x = left + c.front.left + 4 * px;
  const width = c.front.right - c.front.left - 8 * px;
  const height = Math.max(c.front.top - c.front.bottom - 4 * px, 6 * px);
  const y = base - c.front.top + 2 * px;
  const reach = station ? c.reach[station] : undefined;
  const contents = c.contents[arrangement];
  const first = contents[0] ? plan.supplies[report.placements[contents[0]]!.supply]!.name : '';
  const label = first === '' ? 'empty' : contents.length > 1 ? `${first} +${contents.length - 1}` : first;
  const r = Math.min(9 * px, height * 0.45);
  const size = Math.min((width < 90 * px ? 9.5 : 11.5) * px, height * 0.62);
  // A narrow front that is high enough has its words below the ripple, over the whole width.
  const below = width < 130 * px && height > 2 * r + size + 8 * px;
  const mid = below ? y + r + 4 * px : height > 60 * px ? y + height - r - 6 * px : y + height / 2;
  const room = below ? width - 16 * px : width - 2 * r - 18 * px;
  const letters = Math.floor(room / (size * 0.53));
  const lines =
    below && label.length > letters && height > 2 * r + 2.2 * size + 10 * px
      ? wrap(label, letters)
      : [label.length > letters ? `${label.slice(0, letters - 1)}…` : label];
  const fill = c.fill[arrangement];
  const pick = () => (onCompartment ?? ((id: string) => select({ kind: 'compartment', id })))(c.id);
  return (
    <g
      ref={setNodeRef as unknown as (element: SVGGElement | null) => void}
      role="button"
      tabIndex={0}
      data-place={c.id}
      aria-pressed={chosen}
      aria-label={`${c.name}: ${contents.length === 0 ? 'empty' : `${contents.length} ${contents.length === 1 ? 'line' : 'lines'}, ${first}`}, ${fillWords(fill)}${reach ? `, ripple ${reach.ripple} ${RIPPLE_WORD[reach.ripple]}` : ''}`}
      className="cursor-pointer"
      onPointerDown={(e) => {
        e.stopPropagation();
        pick();
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          pick();
        }
      }}
    >
      <title>{`${c.name}: ${contents.map((id) => plan.supplies[report.placements[id]!.supply]!.name).join(', ') || 'empty'}`}</title>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx={3 * px}
        fill={
          chosen || isOver || lit
            ? 'color-mix(in srgb, var(--rust) 14%, var(--leaf))'
            : c.access === 'open' || c.access === 'peg' || c.access === 'top'
              ? 'color-mix(in srgb, var(--leaf) 65%, transparent)'
              : 'var(--leaf)'
        }
        stroke={chosen || isOver || lit ? 'var(--rust)' : 'var(--ink)'}
        strokeWidth={(chosen || isOver || lit ? 2.4 : 0.9) * px}
        strokeDasharray={c.access === 'top' ? `${5 * px} ${4 * px}` : undefined}
      />
      {reach && <RippleMark ripple={reach.ripple} x={x + r + 5 * px} y={mid} r={r} />}
      {letters > 3 &&
        lines.map((line, i) => (
          <text
            key={i}
            x={below ? x + 5 * px : x + 2 * r + 9 * px}
            y={below ? y + 2 * r + 6 * px + size * (0.5 + i * 1.1) : mid}
            dy="0.35em"
            fontSize={size}
            fill={first === '' ? 'var(--soft)' : 'var(--ink)'}
            fontWeight={chosen ? 700 : 400}
          >
            {line}
          </text>
        ))}
      {contents.length > 0 && (
        <Tide
          fill={fill}
          x={x + width - 7 * px}
          y={y + 2 * px}
          width={5 * px}
          height={height - 4 * px}
          grow={plan.meta.roomToGrow}
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
}

/** Two lines of at most so many letters. */
function wrap(text: string, letters: number): string[] {
  const cut = text.lastIndexOf(' ', letters);
  const at = cut > 2 ? cut : letters;
  const rest = text.slice(at).trim();
  return [text.slice(0, at), rest.length > letters ? `${rest.slice(0, letters - 1)}…` : rest];
}
