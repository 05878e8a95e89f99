/** All walls unrolled into one long strip, seen from inside: every drawer, shelf and cubby front at its true height. */
import { useEffect, useRef } from 'react';
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import { allIn } from '@heronstone/core/report/allIn.ts';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { bodyOf } from '@heronstone/core/reach/body.ts';
import { facedWall } from '@heronstone/core/room/walls.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { personOf, seatOf, select, standingPlan, stationOf, useStore } from '../state/state.ts';
import { useRoving } from '../ui/roving.ts';
import { washOf } from './tint.ts';
import type { MenuOf } from './ThingMenu.tsx';
import { Zoom, type Frame } from './Zoom.tsx';
import { useGliding } from './round/gliding.ts';
import { wholeInRows, type Row } from './round/rows.ts';
import { PARTED, UnitFace } from './round/UnitFace.tsx';
import { BodyMarks, Silhouette, WallFace } from './round/WallFace.tsx';

export interface RoundProps {
  lit?: readonly string[];
  /** Words about a place while something is dragged over it. */
  onCompartment?: (id: string) => void;
  /** What can be done with a place, for its menu. */
  menu?: MenuOf | undefined;
  /** Whose zoom it has: that of the steps in which one works, or that of what was found. */
  zoomed?: 'round' | 'found';
}

/** Room for the names of the walls, pixels, and below the floor, mm. */
const NAMES = 30;
const BELOW = 120;
/** From how many pixels on the whole room is seen at once. */
const WIDE = 1400;
/** With at most this many mm in a pixel there is room for the heights of the body. */
const ROOMY = 7;
/** Room for the bar that scrolls, pixels. */
const BAR = 14;

export function RoundTheRoom({ lit = [], onCompartment, menu, zoomed = 'round' }: RoundProps) {
  const standing = useStore(standingPlan);
  const [plan, whole] = [standing?.here, standing?.plan];
  const report = useStore((s) => s.report);
  const stationId = useStore(stationOf);
  const seat = useStore(seatOf);
  const person = useStore(personOf);
  const washed = useStore((s) => s.tint);
  const arrangement = useStore((s) => s.arrangement);
  const selected = useStore((s) => s.selected);
  const frame = useRef<HTMLDivElement>(null);
  useGliding(frame, report, arrangement, plan?.supplies);
  const roving = useRoving(frame, '[data-place]');
  const drawn = report !== null && report.plan === plan?.meta.id;
  const focusOn =
    lit[0] ?? (selected?.kind === 'compartment' ? selected.id : selected?.kind === 'unit' ? selected.id : null);
  useEffect(() => {
    const box = frame.current;
    if (!box || !focusOn) return;
    const show = () => {
      const mark = box.querySelector<SVGGElement>(
        `[data-place="${CSS.escape(focusOn)}"], [data-strip-unit="${CSS.escape(focusOn)}"]`,
      );
      if (!mark) return;
      const [m, b] = [mark.getBoundingClientRect(), box.getBoundingClientRect()];
      if (m.left < b.left + 20 || m.right > b.right - 20) box.scrollLeft += m.left - b.left - b.width / 2 + m.width / 2;
    };
    show();
    // The drawing takes another size once what was found stands above it.
    const watch = new ResizeObserver(show);
    watch.observe(box);
    if (box.firstElementChild) watch.observe(box.firstElementChild);
    return () => watch.disconnect();
  }, [focusOn, drawn]);
  // The first look goes where the maker looks.
  useEffect(() => {
    const box = frame.current;
    const person = drawn && !focusOn ? box?.querySelector('[data-person]') : null;
    if (!box || !person) return;
    const [p, b] = [person.getBoundingClientRect(), box.getBoundingClientRect()];
    box.scrollLeft += (p.left + p.right) / 2 - (b.left + b.right) / 2;
    // Only when the drawing appears or another seat is chosen, not with every selection.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [drawn, stationId]);
  if (!plan || !report || report.plan !== plan.meta.id || report.room.walls.length < 3)
    return <div ref={frame} className="h-full" />;

  const { walls, ceiling } = report.room;
  const round = walls.reduce((sum, w) => sum + w.length, 0);
  // What is in other rooms stands beyond the last wall.
  const away = byName(whole?.units ?? {}).filter((u) => u.elsewhere !== null && u.host === null);
  const beyond = away.map((unit, i) => {
    const left = away.slice(0, i).reduce((x, u) => x + u.width + BESIDE, round + BESIDE);
    return { unit, left, right: left + unit.width };
  });
  const total = beyond.length > 0 ? beyond.at(-1)!.right + BESIDE : round;
  const sections = [...walls.map((w) => w.length), ...(beyond.length > 0 ? [total - round] : [])];
  /** The rows and mm in a pixel at zoom 1: one row as high as the frame, or in a wide window the whole room. */
  const layOut = ({ wide, tall }: Omit<Frame, 'zoom'>) =>
    wide >= WIDE
      ? wholeInRows(sections, ceiling + BELOW, NAMES, { wide: wide - BAR, tall: tall - BAR })
      : { rows: [{ from: 0, to: total }], px: (ceiling + BELOW) / Math.max(tall - BAR - NAMES, 150) };
  const station = stationId ? plan.stations[stationId] : undefined;
  /** Where the wall begins that is looked at. */
  const faced = station ? (facedWall(station, station.facing, walls)?.start ?? 0) : 0;
  const body = person && bodyOf(person, null, constantsOf(plan.meta.constants));
  const units = Object.values(plan.units)
    .map((unit) => ({ unit, span: report.units[unit.id]?.span ?? null }))
    .filter((u) => u.span !== null)
    .sort((a, b) => a.span!.gap - b.span!.gap);
  const faces = [
    ...units.map(({ unit, span }) => ({ unit, left: span!.left, right: span!.right, faces: span!.facesRoom })),
    ...beyond.map((b) => ({ ...b, faces: true })),
  ];
  const wash = washOf(report, seat, arrangement, washed);
  const groups = ofUnits(report.compartments);
  const named = (c: CompartmentReport) =>
    allIn(report, c, arrangement)
      .map((id) => plan.supplies[report.placements[id]!.supply]!.name)
      .join('\n');

  const draw = ({ zoom, ...frame }: Frame) => {
    const laid = layOut(frame);
    const px = laid.px / zoom;
    const above = NAMES * px;
    const high = above + ceiling + BELOW;
    const y = (z: number) => above + ceiling - z;
    const longest = Math.max(...laid.rows.map((r) => r.to - r.from));
    const row = ({ from, to }: Row) => {
      const here = (x: number) => (from === 0 || x >= from - 1) && (to >= total - 1 || x < to - 1);
      return (
        <>
          <rect x={from} y={above} width={to - from} height={ceiling} fill="var(--leaf)" />
          {body && (
            <rect
              x={from}
              y={y(body.standingShoulder)}
              width={to - from}
              height={body.standingShoulder - body.knuckle}
              fill="var(--wash)"
            />
          )}
          {walls
            .filter((wall) => here(wall.start))
            .map((wall) => (
              <g key={wall.id} data-wall={wall.id}>
                <text
                  x={wall.start + 10 * px}
                  y={above - 12 * px}
                  fontSize={13 * px}
                  fontWeight="700"
                  fill="var(--ink)"
                >
                  {wall.length < wall.name.length * 7.6 * px
                    ? `${wall.name.slice(0, Math.max(1, Math.floor(wall.length / (7.6 * px)) - 1))}…`
                    : wall.name}
                  {wall.length > (wall.name.length + 12) * 7.6 * px && (
                    <tspan dx={10 * px} fontWeight="400" fill="var(--soft)">
                      {formatLength(wall.length, plan.meta.units)}
                    </tspan>
                  )}
                </text>
                <line
                  x1={wall.start}
                  x2={wall.start}
                  y1={above - 20 * px}
                  y2={y(0) + 8 * px}
                  stroke="var(--ink)"
                  strokeWidth={1.3 * px}
                />
                <WallFace wall={wall.id} start={wall.start} plan={plan} y={y} px={px} />
              </g>
            ))}
          <path d={`M${from} ${above}H${to}M${from} ${y(0)}H${to}`} stroke="var(--ink)" strokeWidth={1.8 * px} />
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
                  x1={from}
                  x2={to}
                  y1={y(z)}
                  y2={y(z)}
                  stroke="var(--w3)"
                  strokeWidth={px}
                  strokeDasharray={`${2 * px} ${5 * px}`}
                />
                {walls
                  .filter((wall) => here(wall.start) && wall.length > 130 * px && px < ROOMY)
                  .map((wall) => (
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
          {station && person && here(faced) && (
            <Silhouette station={station} person={person} plan={plan} report={report} y={y} />
          )}
          {beyond.length > 0 && here(round) && (
            <g>
              <line
                x1={round}
                x2={round}
                y1={above - 20 * px}
                y2={y(0) + 8 * px}
                stroke="var(--ink)"
                strokeWidth={1.3 * px}
              />
              <rect x={round} y={above} width={total - round} height={ceiling} fill="var(--sand)" opacity="0.5" />
            </g>
          )}
          {beyond
            .filter(({ left }) => here(left))
            .map(({ unit, left }) => (
              <text key={unit.id} x={left} y={above - 12 * px} fontSize={13 * px} fontWeight="700" fill="var(--ink)">
                {plan.elsewheres[unit.elsewhere!]!.name}, {plan.elsewheres[unit.elsewhere!]!.seconds} s away
              </text>
            ))}
          {faces
            .filter(({ left, right }) => here((left + right) / 2))
            .map(({ unit, left, right, faces: facesRoom }) => (
              <UnitFace
                key={unit.id}
                unit={unit}
                left={left}
                right={right}
                faces={facesRoom}
                compartments={groups.get(unit.id) ?? NONE}
                things={(groups.get(unit.id) ?? NONE).map(named).join(PARTED)}
                grow={plan.meta.roomToGrow}
                station={seat}
                wash={wash}
                arrangement={arrangement}
                chosen={
                  selected?.kind === 'compartment' && selected.id.startsWith(`${unit.id}/`)
                    ? selected.id
                    : selected?.kind === 'unit' && selected.id === unit.id
                      ? unit.id
                      : null
                }
                lit={lit.filter((c) => c.startsWith(`${unit.id}/`)).join(' ')}
                base={above + ceiling}
                px={px}
                onCompartment={onCompartment}
              />
            ))}
          {station && person && here(faced) && px < ROOMY && (
            <BodyMarks station={station} person={person} plan={plan} report={report} y={y} px={px} />
          )}
        </>
      );
    };
    return (
      <svg
        className="m-auto block"
        {...roving}
        width={longest / px}
        height={(laid.rows.length * high) / px}
        viewBox={`0 0 ${longest} ${laid.rows.length * high}`}
        role="group"
        aria-label={`${plan.meta.room}, round the room`}
        onClick={(e) => !(e.target as Element).closest('[role="button"]') && select(null)}
      >
        {laid.rows.map((r, i) => (
          <g key={r.from} transform={`translate(${-r.from} ${i * high})`}>
            {row(r)}
          </g>
        ))}
      </svg>
    );
  };
  return (
    <Zoom
      view={zoomed}
      menu={menu}
      label="Round the room: scrolls sideways, + and − zoom, 0 shows all of it"
      frame={frame}
      least={(frame) =>
        Math.min(1, (frame.wide * layOut(frame).px) / Math.max(...layOut(frame).rows.map((r) => r.to - r.from)))
      }
    >
      {draw}
    </Zoom>
  );
}

const NONE: CompartmentReport[] = [];
let grouped: { of: readonly CompartmentReport[]; groups: ReadonlyMap<string, CompartmentReport[]> } | null = null;
/** The places of each unit, but for containers; the same list for the same places, so that nothing is drawn again. */
function ofUnits(compartments: readonly CompartmentReport[]): ReadonlyMap<string, CompartmentReport[]> {
  if (grouped?.of === compartments) return grouped.groups;
  const groups = new Map<string, CompartmentReport[]>();
  for (const c of compartments) if (c.within === null) groups.set(c.unit, [...(groups.get(c.unit) ?? []), c]);
  for (const [unit, list] of groups) {
    const before = grouped?.groups.get(unit);
    if (before?.length === list.length && before.every((c, i) => c === list[i])) groups.set(unit, before);
  }
  grouped = { of: compartments, groups };
  return groups;
}
/** Room beside what stands elsewhere, mm. */
const BESIDE = 250;
