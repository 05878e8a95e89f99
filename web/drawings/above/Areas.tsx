/** What must be free, what hangs over the floor, and what the report found, from above. */
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Point } from '@heronstone/core/geometry/geometry.ts';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { areaOutline } from '@heronstone/core/room/areas.ts';
import { atWall } from '@heronstone/core/room/free.ts';
import { beamOutline } from '@heronstone/core/room/overhead.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { select } from '../../state/state.ts';
import { boxRound, freePoint, type Box } from './wordBoxes.ts';
import { closed } from './svgPath.ts';

/** Areas of the mode that is on strongly, the others lightly; all of them are dragged like furniture. */
export function Areas({
  plan,
  mode,
  px,
  small,
  chosen,
  hands,
}: {
  plan: Plan;
  mode: string;
  px: number;
  small: boolean;
  /** The area that is selected; null for none. */
  chosen: string | null;
  hands: {
    down: (kind: 'areas', id: string) => (e: PointerEvent) => void;
    areaKey: (id: string) => (e: KeyboardEvent) => void;
  };
}) {
  return byName(plan.areas).map((area) => {
    const on = (area.mode === mode && mode !== '') || area.id === chosen;
    if (!on && small) return null;
    const shape = areaOutline(area, plan.units);
    const middle = shape.reduce((sum, p) => ({ x: sum.x + p.x / 4, y: sum.y + p.y / 4 }), { x: 0, y: 0 });
    return (
      <g
        key={area.id}
        role="button"
        tabIndex={0}
        aria-label={`${area.name}, must be free`}
        data-area={area.id}
        aria-pressed={area.id === chosen}
        className="cursor-move"
        onPointerDown={hands.down('areas', area.id)}
        onKeyDown={hands.areaKey(area.id)}
      >
        <path
          d={closed(shape)}
          fill={on ? 'color-mix(in srgb, var(--w3) 35%, transparent)' : 'none'}
          stroke="var(--w2)"
          strokeWidth={(on ? 2 : 1) * px}
          strokeDasharray={`${8 * px} ${4 * px} ${2 * px} ${4 * px}`}
        />
        <title>{area.name}</title>
        {/* What belongs to a piece of furniture lies over its name. */}
        {!small && (on || area.unit === null) && (
          <text
            x={middle.x}
            y={middle.y}
            dy="0.35em"
            textAnchor="middle"
            fontSize={(on ? 12.5 : 11) * px}
            fill={on ? 'var(--ink)' : 'var(--soft)'}
            pointerEvents="none"
          >
            {area.name}
          </text>
        )}
      </g>
    );
  });
}

/** Slopes as lines of equal height, beams and soffits as dashed outlines. */
export function Overheads({ plan, px, small }: { plan: Plan; px: number; small: boolean }) {
  const walls = wallsOf(plan);
  const say = (mm: number) => formatLength(Math.round(mm), plan.meta.units);
  return byName(plan.overheads).map((o) => {
    const wall = walls.find((w) => w.id === o.corner);
    const pick = {
      role: 'button',
      tabIndex: 0,
      'aria-label': o.name,
      className: 'cursor-pointer',
      onPointerDown: (e: { stopPropagation: () => void }) => {
        e.stopPropagation();
        select({ kind: 'overhead', id: o.id });
      },
      onKeyDown: (e: { key: string }) => e.key === 'Enter' && select({ kind: 'overhead', id: o.id }),
    } as const;
    if (o.kind !== 'slope')
      return (
        <path
          key={o.id}
          {...pick}
          d={closed(beamOutline(o))}
          fill="color-mix(in srgb, var(--soft) 10%, transparent)"
          stroke="var(--soft)"
          strokeWidth={px}
          strokeDasharray={`${3 * px} ${3 * px}`}
        />
      );
    if (!wall) return null;
    return (
      <g key={o.id} {...pick}>
        {[0, 0.5, 1].map((share) => {
          const [a, b] = [atWall(wall, 0, o.run * share), atWall(wall, wall.length, o.run * share)];
          const at = atWall(wall, wall.length * 0.04, o.run * share);
          return (
            <g key={share}>
              <line
                x1={a.x}
                y1={a.y}
                x2={b.x}
                y2={b.y}
                stroke="var(--soft)"
                strokeWidth={px}
                strokeDasharray={`${10 * px} ${4 * px}`}
              />
              {!small && (
                <text x={at.x} y={at.y} dy={-3 * px} fontSize={10.5 * px} fill="var(--soft)">
                  {say(o.low + (plan.meta.ceiling - o.low) * share)}
                </text>
              )}
            </g>
          );
        })}
      </g>
    );
  });
}

/**
 * The worst finding with millimetres of each unit and seat: its words, and the tag round them beside its name, mm.
 * @param taken boxes of what is written already
 */
export function marksOf(plan: Plan, report: Report, mode: string, px: number, taken: readonly Box[]) {
  const worst = new Map<string, Point & { by: number }>();
  for (const f of report.findings) {
    if (f.by === undefined || (f.mode !== undefined && f.mode !== mode)) continue;
    const row =
      f.targets[0]?.table === 'units'
        ? plan.units[f.targets[0].id]
        : f.targets[0]?.table === 'stations'
          ? plan.stations[f.targets[0].id]
          : undefined;
    if (!row || (worst.get(row.id)?.by ?? 0) >= f.by) continue;
    worst.set(row.id, { x: row.x, y: row.y, by: f.by });
  }
  const written = [...taken];
  return [...worst].map(([id, { x, y, by }]) => {
    const words = formatLength(by, plan.meta.units);
    const half = { x: words.length * 3.3 * px + 11 * px, y: 8 * px };
    const points = [17, -17, 34, -34, 51, -51].map((down) => ({ x, y: y + down * px }));
    const at = freePoint(points, half, written);
    const box = boxRound(at, half);
    written.push(box);
    return { id, words, ...at, box };
  });
}

export function Marks({ marks, px }: { marks: ReturnType<typeof marksOf>; px: number }) {
  return marks.map(({ id, words, x, y, box: { left, right, top, bottom } }) => (
    <g key={id} pointerEvents="none" data-mark={id}>
      <rect x={left} y={top} width={right - left} height={bottom - top} rx={8 * px} fill="var(--lichen)" />
      <path
        d={`M${left + 5 * px} ${y + 4 * px}l${4 * px} ${-8 * px}l${4 * px} ${8 * px}z`}
        fill="none"
        stroke="var(--leaf)"
        strokeWidth={1.2 * px}
      />
      <text
        x={x + 6 * px}
        y={y}
        dy="0.35em"
        textAnchor="middle"
        fontSize={10.5 * px}
        fontWeight="700"
        fill="var(--leaf)"
      >
        {words}
      </text>
    </g>
  ));
}

/** Where two walls of the outline cross each other. */
export function Crossing({ report, px }: { report: Report | null; px: number }) {
  const found = report?.findings.find((f) => f.code === 'crossing');
  if (!found) return null;
  const [x, y] = found.value as [number, number];
  return (
    <g pointerEvents="none" data-crossing="" stroke="var(--rust)" strokeWidth={3 * px} fill="none">
      <circle cx={x} cy={y} r={14 * px} />
      <path d={`M${x - 7 * px} ${y - 7 * px}l${14 * px} ${14 * px}m0 ${-14 * px}l${-14 * px} ${14 * px}`} />
    </g>
  );
}
