/** The room from above: walls, openings, furniture, seats with their ripples. Units and seats can be dragged and nudged. */
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Point } from '@heronstone/core/geometry/geometry.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { outlineOf, wallsOf } from '@heronstone/core/room/walls.ts';
import { drawnPlan, personOf, seatOf, stationOf, useStore } from '../state/state.ts';
import { Areas, Crossing, Marks, marksOf, Overheads } from './above/Areas.tsx';
import { Ghosts, type Ghost } from './above/Ghosts.tsx';
import { Distances } from './above/Distances.tsx';
import { beyond, boxRound } from './above/wordBoxes.ts';
import { closed, WALL } from './above/svgPath.ts';
import { RIPPLE_MARK, Rings, ringsOf, Seat } from './above/Seat.tsx';
import { UnitAbove, UnitName } from './above/UnitAbove.tsx';
import { unitWords } from './above/unitWords.ts';
import { useRoomDrag } from './above/useRoomDrag.ts';
import { Way, wayTo } from './above/WalkedPath.tsx';
import { WallThings } from './above/WallThings.tsx';
import { wallWords, type WallWords } from './above/wallWords.ts';
import { ZoneLetters, ZoneSeats, ZoneWashes } from './above/ZoneTints.tsx';
import { washOfUnit } from './tint.ts';
import type { MenuOf } from './ThingMenu.tsx';
import { Zoom, type Frame } from './Zoom.tsx';

export interface AboveProps {
  /** Whether things can be moved here. */
  editable?: boolean;
  /** Compartments to be lit up. */
  lit?: readonly string[];
  rings?: boolean;
  /** Whether the corners of the room have handles. */
  corners?: boolean;
  /** Furniture that could stand in an empty room. */
  ghosts?: readonly Ghost[];
  /** What can be done with a thing, for its menu. */
  menu?: MenuOf | undefined;
  /** Drawn small, without dimensions. */
  small?: boolean;
  /** Zones are drawn; what a click or Enter on a piece does, where it paints. */
  zones?: { onUnit: ((unit: string) => void) | null };
}

/** What is drawn, mm, with a margin around the walls; and mm in a screen pixel, so that texts and strokes keep their size. */
function frameOf(outline: readonly Point[], small: boolean, { wide, tall, zoom }: Frame) {
  if (outline.length === 0) return { left: 0, top: 0, right: 1, bottom: 1, px: 1 };
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const around = (margin: number) => {
    const [left, right] = [Math.min(...xs) - margin, Math.max(...xs) + margin];
    const [top, bottom] = [Math.min(...ys) - margin, Math.max(...ys) + margin];
    const px = Math.max((right - left) / Math.max(wide, 120), (bottom - top) / Math.max(tall, 120)) / zoom;
    return { left, top, right, bottom, px };
  };
  if (small) return around(300);
  // The names of the walls, which keep their size, have room in it.
  return around(Math.max(420, NAMES * around(420).px));
}

/** Room for the names outside of the walls, pixels. */
const NAMES = 52;

export function FromAbove(props: AboveProps) {
  const box = useRef<HTMLDivElement>(null);
  if (props.small) return <Small {...props} />;
  return (
    <Zoom
      view="above"
      label="The room from above: + and − zoom, 0 shows all of it"
      frame={box}
      menu={props.menu}
      least={() => 1}
    >
      {(frame) => <Drawing {...props} frame={frame} />}
    </Zoom>
  );
}

/** Fitted into the room that there is, without handles. */
function Small(props: AboveProps) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ wide: 300, tall: 200 });
  useEffect(() => {
    const watch = new ResizeObserver(() =>
      setSize({ wide: box.current!.offsetWidth, tall: box.current!.offsetHeight }),
    );
    watch.observe(box.current!);
    return () => watch.disconnect();
  }, []);
  return (
    <div ref={box} className="h-full w-full overflow-hidden">
      <Drawing {...props} frame={{ ...size, zoom: 1 }} />
    </div>
  );
}

function Drawing({
  editable = false,
  lit = [],
  rings = true,
  corners = false,
  small = false,
  ghosts = [],
  zones,
  frame,
}: AboveProps & { frame: Frame }) {
  const plan = useStore(drawnPlan);
  const mode = useStore((s) => s.mode);
  const also = useStore((s) => s.also);
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const stationId = useStore(stationOf);
  const seat = useStore(seatOf);
  const person = useStore(personOf);
  const wash = useStore((s) => s.tint);
  const arrangement = useStore((s) => s.arrangement);
  const svg = useRef<SVGSVGElement>(null);
  const outline = plan ? outlineOf(plan) : [];
  const { left, top, right, bottom, px } = frameOf(outline, small, frame);
  const hands = useRoomDrag(svg, editable, editable || corners, px);
  if (!plan || outline.length < 3) return null;
  const walls = wallsOf(plan);
  const { units: system } = plan.meta;
  const words = small ? NO_WORDS : wallWords(walls, system, px);
  const wrong = new Set(
    (report?.findings ?? [])
      .filter((f) => f.severity === 'error')
      .flatMap((f) => f.targets.flatMap((t) => (t.table === 'units' ? [t.id] : []))),
  );
  const station = stationId ? plan.stations[stationId] : undefined;
  const units = byName(plan.units)
    .sort((a, b) => a.bottom + a.height - (b.bottom + b.height))
    .map((unit) => ({
      unit,
      on: (selected?.kind === 'unit' && selected.id === unit.id) || also.includes(unit.id),
      heat: report && !small ? washOfUnit(report, unit.id, seat, arrangement, wash) : null,
    }));
  const say = (mm: number) => formatLength(mm, system);
  // What is written over the drawing goes where nothing is written yet: the tags of findings, the way, then distances.
  const names = [
    ...[...words.values()].map((w) => w.box),
    ...units.flatMap(({ unit, on }) => unitWords(unit, unit.name, on, px)?.box ?? []),
  ];
  const marks = editable && report ? marksOf(plan, report, mode, px, names) : [];
  const ripples = rings && station && person ? ringsOf(station, person, plan) : [];
  const half = { x: RIPPLE_MARK * px, y: RIPPLE_MARK * px };
  const north = { x: right - 26 * px, y: top + 40 * px };
  const marked = [
    ...beyond({ left, right, top, bottom }),
    boxRound(north, { x: 14 * px, y: 32 * px }),
    ...names,
    ...marks.map((m) => m.box),
    ...ripples.map(({ mark }) => boxRound(mark, half)),
  ];
  const way = seat && report ? wayTo(report, selected, seat, marked, px, say) : null;
  const taken = [
    ...marked,
    ...(way ? [way.box] : []),
    ...Object.values(plan.stations).map((s) => boxRound(s, { x: SEAT, y: SEAT })),
  ];

  return (
    <svg
      ref={svg}
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      width={(right - left) / px}
      height={(bottom - top) / px}
      className="m-auto block"
      role="group"
      aria-label={`${plan.meta.room} from above`}
      {...hands.ground}
      onPointerMove={hands.move}
      onPointerUp={hands.up}
      onPointerCancel={hands.cancelDrag}
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
        <WallThings key={wall.id} wall={wall} plan={plan} px={px} hands={hands} />
      ))}
      {zones && report && <ZoneWashes plan={plan} report={report} px={px} />}
      <Overheads plan={plan} px={px} small={small} />
      {station && ripples.length > 0 && <Rings rings={ripples} station={station} px={px} small={small} />}
      {units.map(({ unit, on, heat }) => (
        <UnitAbove
          key={unit.id}
          unit={unit}
          on={on}
          lit={lit.some((c) => c.startsWith(`${unit.id}/`))}
          bad={wrong.has(unit.id)}
          heat={heat}
          px={px}
          small={small}
          editable={editable}
          {...(zones?.onUnit
            ? paints(zones.onUnit, unit.id)
            : { onPointerDown: hands.down('units', unit.id), onKeyDown: hands.key('units', unit) })}
        />
      ))}
      {!small && units.map(({ unit, on, heat }) => <UnitName key={unit.id} unit={unit} on={on} heat={heat} px={px} />)}
      {[...words].map(([wall, { text, x, y, upright }]) => (
        <text
          key={wall}
          x={x}
          y={y}
          dy="0.35em"
          textAnchor="middle"
          fontSize={12 * px}
          fill="var(--soft)"
          stroke="var(--paper)"
          strokeWidth={3 * px}
          paintOrder="stroke"
          transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
          pointerEvents="none"
        >
          {text}
        </text>
      ))}
      <Ghosts ghosts={ghosts} px={px} />
      <Areas
        plan={plan}
        mode={mode}
        px={px}
        small={small}
        chosen={selected?.kind === 'area' ? selected.id : null}
        hands={hands}
      />
      {byName(plan.stations).map((s) => (
        <Seat
          key={s.id}
          station={s}
          on={selected?.kind === 'station' && selected.id === s.id}
          shown={s.id === stationId}
          px={px}
          editable={editable}
          onPointerDown={hands.down('stations', s.id)}
          onKeyDown={hands.key('stations', s)}
        />
      ))}
      {zones && report && <ZoneLetters plan={plan} report={report} px={px} />}
      {zones && report && <ZoneSeats plan={plan} report={report} px={px} />}
      <Crossing report={report} px={px} />
      <Marks marks={marks} px={px} />
      {way && <Way way={way} px={px} />}
      {!small && selected?.kind === 'unit' && plan.units[selected.id] && (
        <Distances unit={plan.units[selected.id]!} walls={walls} taken={taken} px={px} say={say} />
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
            onPointerDown={hands.down('corners', corner.id)}
            onKeyDown={hands.cornerKey(corner)}
          />
        ))}
      {hands.lasso && (
        <rect
          x={Math.min(hands.lasso.from.x, hands.lasso.to.x)}
          y={Math.min(hands.lasso.from.y, hands.lasso.to.y)}
          width={Math.abs(hands.lasso.to.x - hands.lasso.from.x)}
          height={Math.abs(hands.lasso.to.y - hands.lasso.from.y)}
          fill="var(--wash)"
          stroke="var(--rust)"
          strokeWidth={1.3 * px}
          strokeDasharray={`${5 * px} ${4 * px}`}
        />
      )}
      {!small && <North {...north} px={px} turn={plan.meta.north} />}
    </svg>
  );
}

/** A click, Enter or Space paints a piece. */
const paints = (onUnit: (unit: string) => void, id: string) => ({
  onPointerDown: (event: PointerEvent) => {
    event.stopPropagation();
    onUnit(id);
  },
  onKeyDown: (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onUnit(id);
  },
});

/** Half of a body that sits or stands, mm: words of distances keep off it where they can. */
const SEAT = 125;
const NO_WORDS: ReadonlyMap<string, WallWords> = new Map();

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
