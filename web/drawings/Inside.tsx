/**
 * One place at scale, from above or (a board) from the front: containers and pieces where they really lie, the tide mark
 * and the room to grow. A container can be dragged, or moved with the arrow keys.
 */
import { useRef, useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import type { CompartmentReport, ContainerReport, PlacementReport, Report } from '@heronstone/core/report/evaluate.ts';
import { floorOf } from '@heronstone/core/fit/layOut.ts';
import { partRect } from '@heronstone/core/furniture/parts.ts';
import { piecesIn } from '@heronstone/core/fit/pieces.ts';
import { placeContainer } from '@heronstone/core/gestures/moveContainer.ts';
import { formatSize } from '@heronstone/core/model/measure.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { drags, useHeld } from '../state/held.ts';
import { commit } from '../state/openPlan.ts';
import { notice, select, shownPlan, useStore } from '../state/state.ts';
import { InsideFront } from './InsideFront.tsx';
import { NameIn } from './NameIn.tsx';
import { FillBar } from './FillBar.tsx';
import { Segments } from '../ui/Segments.tsx';

/** More pieces than this are drawn as a wash; the count says how many. */
const MOST_PIECES = 160;
/** How far an arrow key moves a container, mm; with Shift the larger. */
const STEP = { fine: 1, coarse: 10 } as const;

interface Frame {
  plan: Plan;
  report: Report;
  arrangement: 'today' | 'planned';
  /** One pixel in mm. */
  px: number;
  deep: number;
  front: boolean;
  chosen: string | null;
}

export function Inside({
  compartment: c,
  chosen = null,
  tall = false,
  zoom = 1,
}: {
  compartment: CompartmentReport;
  chosen?: string | null;
  tall?: boolean;
  /** How much larger than it opens it is drawn: words keep their size. */
  zoom?: number;
}) {
  const plan = useStore(shownPlan)!;
  const report = useStore((s) => s.report)!;
  const shown = useStore((s) => s.arrangement);
  const arrangement = c.only ?? shown;
  const front = c.access === 'peg';
  const { width, depth: deep } = floorOf(c);
  const px = (tall ? Math.max(width / 640, deep / 420) : Math.max(width / 262, deep / 176)) / zoom;
  const over = useHeld((s) => s.over === c.id);
  const grow = width * (1 - plan.meta.roomToGrow);
  const frame: Frame = { plan, report, arrangement, px, deep, front, chosen };
  const barWidth = 10 * px;
  const [view, setView] = useState<'above' | 'front'>('above');
  const fromFront = tall && !front && view === 'front';
  return (
    <figure>
      {tall && !front && (
        <Segments
          label="Seen from"
          size="small"
          className="mb-2"
          value={view}
          options={[
            ['above', 'from above'],
            ['front', 'from the front'],
          ]}
          onSet={setView}
        />
      )}
      {fromFront ? (
        <InsideFront compartment={c} />
      ) : (
        <svg
          viewBox={`${-2 * px} ${(tall ? -18 : -2) * px} ${width + 8 * px + barWidth} ${deep + (tall ? 20 : 4) * px}`}
          className={`w-full ${tall ? '' : 'max-h-44'}`}
          style={tall ? { maxHeight: `${60 * zoom}vh` } : undefined}
          role="group"
          aria-label={`Inside ${c.name}`}
          data-inside={c.id}
          data-into={c.id}
        >
          <rect
            width={width}
            height={deep}
            fill="var(--paper)"
            stroke={over ? 'var(--rust)' : 'var(--ink)'}
            strokeWidth={(over ? 2.6 : 1.6) * px}
            rx={2 * px}
          />
          <Contents compartment={c} frame={frame} />
          <Dividers compartment={c} frame={frame} />
          {c.holds[arrangement].map((id) => (
            <Box key={id} id={id} box={report.containers[id]!} within={c} frame={frame} width={width} />
          ))}
          {plan.meta.roomToGrow > 0 && (
            <line
              x1={grow}
              x2={grow}
              y1={0}
              y2={deep}
              stroke="var(--reed)"
              strokeWidth={1.4 * px}
              strokeDasharray={`${4 * px} ${3 * px}`}
              pointerEvents="none"
            />
          )}
          {tall && plan.meta.roomToGrow > 0 && (
            <text x={width} y={-5 * px} textAnchor="end" fontSize={12 * px} fill="var(--reed)" pointerEvents="none">
              room to grow
            </text>
          )}
          <FillBar
            fill={c.fill[arrangement]}
            x={width + 5 * px}
            y={0}
            width={barWidth}
            height={deep}
            grow={plan.meta.roomToGrow}
          />
        </svg>
      )}
      <figcaption className="text-xs text-soft">
        seen from {front || fromFront ? 'the front' : 'above, the front below'} ·{' '}
        {formatSize([c.inside.width, c.inside.depth, c.inside.height], plan.meta.units)} inside,{' '}
        {Math.round(c.fill[arrangement].share * 100)} % full
      </figcaption>
    </figure>
  );
}

function Contents({ compartment: c, frame }: { compartment: CompartmentReport; frame: Frame }) {
  return c.contents[frame.arrangement].map((id) => {
    const placement = frame.report.placements[id];
    return placement && <Block key={id} placement={placement} compartment={c} frame={frame} />;
  });
}

/** Walls between the parts of a divided place. More than can be told apart are left out; the count says how many. */
function Dividers({ compartment: c, frame }: { compartment: CompartmentReport; frame: Frame }) {
  const { parts } = c;
  if (!parts) return null;
  const { px } = frame;
  const { width } = c.inside;
  const { depth } = floorOf(c);
  const rows = parts.along * parts.over;
  const lines = (n: number, size: number) =>
    size / n < LEAST_APART * px ? [] : Array.from({ length: n - 1 }, (_, i) => ((i + 1) * size) / n);
  return (
    <g stroke="var(--ink)" strokeWidth={0.9 * px} pointerEvents="none">
      {lines(parts.across, width).map((x) => (
        <line key={`x${x}`} x1={x} x2={x} y1={0} y2={depth} />
      ))}
      {lines(rows, depth).map((y) => (
        <line key={`y${y}`} x1={0} x2={width} y1={y} y2={y} />
      ))}
    </g>
  );
}
/** Walls that would be nearer to each other than this are not drawn, px. */
const LEAST_APART = 3;

/** Where a rectangle of the place is on the drawing: on a board y runs down already, else the front is below. */
const top = (frame: Pick<Frame, 'front' | 'deep'>, y: number, d: number) => (frame.front ? y : frame.deep - y - d);

function Block({
  placement: p,
  compartment,
  frame,
}: {
  placement: PlacementReport;
  compartment: CompartmentReport;
  frame: Frame;
}) {
  const { plan, px, chosen } = frame;
  const { block } = p;
  if (!block || p.fits === 0) return null;
  const on = p.id === chosen;
  const name = plan.supplies[p.supply]!.name;
  const label = `${p.count} ${name}, ${p.how}`;
  const marks = piecesIn(p, MOST_PIECES);
  const slanting = p.lie?.pattern === 'slant';
  const y = top(frame, block.y, block.d);
  // In a divided place a line has its parts, which need not lie side by side.
  const own = compartment.parts
    ? p.parts.map((n) => partRect(compartment.parts!, compartment.inside.width, floorOf(compartment).depth, n))
    : [];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={on}
      className="cursor-pointer"
      data-thing={p.id}
      {...(p.arrangement === 'planned' ? drags({ supply: p.supply, placement: p.id, count: p.count }) : {})}
      onClick={(e) => {
        e.stopPropagation();
        select({ kind: 'placement', id: p.id });
      }}
      onKeyDown={(e) => e.key === 'Enter' && select({ kind: 'placement', id: p.id })}
    >
      <title>{`${label}; ${p.seen}`}</title>
      {own.map((r, i) => (
        <rect
          key={i}
          x={r.x}
          y={top(frame, r.y, r.d)}
          width={r.w}
          height={r.d}
          fill={on ? 'color-mix(in srgb, var(--rust) 14%, var(--wood))' : 'var(--wood)'}
        />
      ))}
      {own.length === 0 && (
        <rect
          x={block.x}
          y={y}
          width={block.w}
          height={block.d}
          fill={on ? 'color-mix(in srgb, var(--rust) 14%, var(--leaf))' : 'var(--wash)'}
        />
      )}
      {marks?.map((m, i) =>
        m.round ? (
          <circle
            key={i}
            cx={m.x + m.w / 2}
            cy={top(frame, m.y, m.d) + m.d / 2}
            r={m.w / 2}
            fill="var(--wood)"
            stroke="var(--ink)"
            strokeWidth={0.6 * px}
          />
        ) : (
          <rect
            key={i}
            x={m.x}
            y={top(frame, m.y, m.d)}
            width={m.w}
            height={m.d}
            fill="var(--wood)"
            stroke="var(--ink)"
            strokeWidth={0.6 * px}
          />
        ),
      )}
      {slanting && (
        <line
          x1={block.x + 4 * px}
          y1={y + block.d - 4 * px}
          x2={block.x + block.w - 4 * px}
          y2={y + 4 * px}
          stroke="var(--wood)"
          strokeWidth={Math.max(6 * px, 12)}
        />
      )}
      {(own.length === 0 || own.length * own[0]!.w * own[0]!.d > block.w * block.d - 1) && (
        <rect
          x={block.x}
          y={y}
          width={block.w}
          height={block.d}
          fill="none"
          stroke={on ? 'var(--rust)' : 'var(--soft)'}
          strokeWidth={(on ? 2.2 : 0.8) * px}
        />
      )}
      {own.length > 0 ? (
        <NameIn
          name={name}
          x={own[0]!.x}
          y={top(frame, own[0]!.y, own[0]!.d)}
          width={own[0]!.w}
          height={own[0]!.d}
          px={px}
        />
      ) : (
        <NameIn name={name} x={block.x} y={y} width={block.w} height={block.d} px={px} />
      )}
    </g>
  );
}

/** A container with what is in it, drawn in its own frame; it is moved by dragging and by arrow keys. */
function Box({
  id,
  box,
  within,
  frame,
  width,
}: {
  id: string;
  box: ContainerReport;
  within: CompartmentReport;
  frame: Frame;
  width: number;
}) {
  const { plan, report, px, front, deep } = frame;
  const selected = useStore((s) => s.selected);
  const over = useHeld((s) => s.over !== null && s.over === box.place);
  const [drag, setDrag] = useState<{ dx: number; dy: number } | null>(null);
  const start = useRef({ x: 0, y: 0 });
  const row = plan.containers[id];
  const { rect } = box;
  if (!row || !rect) return null;
  const on = selected?.kind === 'container' && selected.id === id;
  const shut = row.lid === 'on' || row.lid === 'snap';
  const y = top(frame, rect.y, rect.d);
  const inner = placeOf(report, box.place);
  const wall = { x: (row.width - row.insideWidth) / 2, y: (row.depth - row.insideDepth) / 2 };
  const move = (dx: number, dy: number) => {
    const result = placeContainer(plan, report, within, id, { x: rect.x + dx, y: rect.y + (front ? dy : -dy) });
    if (result.changes.length > 0) commit(`Move ${row.name} in ${within.name}`, result.changes);
    else if (result.reason) notice(result.reason, 'error');
  };
  const scale = (e: React.PointerEvent<SVGGElement>) => {
    const svg = e.currentTarget.ownerSVGElement!;
    const matrix = svg.getScreenCTM()!;
    return matrix.a;
  };
  const label = row.name;
  // The container's own frame, turned by a quarter where it stands turned.
  const place = box.turned ? `translate(${rect.x + rect.w} ${y}) rotate(90)` : `translate(${rect.x} ${y})`;
  return (
    <g
      className="cursor-grab touch-none"
      data-into={box.place}
      transform={drag ? `translate(${drag.dx} ${drag.dy})` : undefined}
      onPointerDown={(e) => {
        // What lies in it is dragged by itself.
        if ((e.target as Element).closest('[data-drag]')) return;
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        start.current = { x: e.clientX, y: e.clientY };
        setDrag({ dx: 0, dy: 0 });
      }}
      onPointerMove={(e) => {
        if (!drag) return;
        const s = scale(e);
        const dx = Math.max(-rect.x, Math.min(width - rect.x - rect.w, (e.clientX - start.current.x) / s));
        const dy = Math.max(-y, Math.min(deep - y - rect.d, (e.clientY - start.current.y) / s));
        setDrag({ dx, dy });
      }}
      onPointerUp={() => {
        if (drag && Math.hypot(drag.dx, drag.dy) > 2 * px) {
          select({ kind: 'container', id });
          move(drag.dx, drag.dy);
        }
        setDrag(null);
      }}
      onPointerCancel={() => setDrag(null)}
    >
      {/* What is in it can be chosen, too, so the button is beside it and not round it. */}
      <g
        role="button"
        tabIndex={0}
        aria-label={`${row.name}, ${row.kind}${shut ? ' with a lid' : ''}; arrow keys move it`}
        aria-pressed={on}
        data-container={id}
        onPointerDown={() => select({ kind: 'container', id })}
        onKeyDown={(e) => {
          if (e.key === 'Enter') select({ kind: 'container', id });
          const by = e.shiftKey ? STEP.coarse : STEP.fine;
          const way = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[e.key];
          if (!way) return;
          e.preventDefault();
          move(way[0]!, way[1]!);
        }}
      >
        <title>{label}</title>
        <rect
          x={rect.x}
          y={y}
          width={rect.w}
          height={rect.d}
          rx={4 * px}
          fill="var(--leaf)"
          stroke={on || over ? 'var(--rust)' : 'var(--ink)'}
          strokeWidth={(on || over ? 2.6 : 1.6) * px}
        />
      </g>
      {inner && !front && (
        <g transform={`${place} translate(${wall.x} ${wall.y})`}>
          <Contents compartment={inner} frame={{ ...frame, deep: row.insideDepth, front: false }} />
          <Dividers compartment={inner} frame={{ ...frame, deep: row.insideDepth, front: false }} />
          {inner.holds[frame.arrangement].map((nested) => (
            <Box
              key={nested}
              id={nested}
              box={report.containers[nested]!}
              within={inner}
              frame={{ ...frame, deep: row.insideDepth, front: false }}
              width={row.insideWidth}
            />
          ))}
        </g>
      )}
      {shut && (
        <rect
          x={rect.x + 3 * px}
          y={y + 3 * px}
          width={Math.max(0, rect.w - 6 * px)}
          height={Math.max(0, rect.d - 6 * px)}
          rx={3 * px}
          fill="none"
          stroke="var(--soft)"
          strokeWidth={px}
          strokeDasharray={`${3 * px} ${3 * px}`}
          pointerEvents="none"
        />
      )}
      <text
        x={rect.x + 6 * px}
        y={y + 14 * px}
        fontSize={11 * px}
        fontWeight="bold"
        fill="var(--ink)"
        stroke="var(--leaf)"
        strokeWidth={3 * px}
        paintOrder="stroke"
        pointerEvents="none"
      >
        {rect.w > label.length * 6.4 * px
          ? label
          : `${label.slice(0, Math.max(1, Math.floor(rect.w / (6.6 * px)) - 1))}…`}
      </text>
    </g>
  );
}
