/**
 * The room as a drawing in millimetres, from above or unrolled, apart from the screen: what is printed, and what is
 * written as SVG and DXF. x to the right, y down; lengths are true.
 */
import { compartmentsOf } from '../furniture/compartments.ts';
import { footprint } from '../furniture/footprint.ts';
import { constantsOf } from '../model/constants.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import { byName, type Plan } from '../model/plan.ts';
import { bodyOf } from '../reach/body.ts';
import { areaOutline } from '../room/areas.ts';
import { doorSweep } from '../room/doorSweep.ts';
import { atWall, strip } from '../room/free.ts';
import type { Point } from '../geometry/geometry.ts';
import { beamOutline, wallTop } from '../room/overhead.ts';
import { inMode } from '../room/standing.ts';
import { outlineOf, stripSpan, wallsOf, type Wall } from '../room/walls.ts';

export const LAYERS = [
  'walls',
  'openings',
  'fixtures',
  'furniture',
  'inside',
  'areas',
  'overhead',
  'reach',
  'dimensions',
  'names',
] as const;
export type Layer = (typeof LAYERS)[number];

export type DrawnShape =
  | { kind: 'line'; layer: Layer; points: readonly Point[]; closed: boolean; dashed?: boolean }
  | { kind: 'text'; layer: Layer; at: Point; text: string; /** mm */ size: number; turn: number };

export interface Drawing {
  title: string;
  /** What it covers, mm. */
  box: { left: number; top: number; right: number; bottom: number };
  shapes: DrawnShape[];
}

/** Height of letters on a drawing, mm of the room: as on a sheet at 1:20. */
const LETTER = 60;

const line = (layer: Layer, points: readonly Point[], closed = false, dashed = false): DrawnShape => ({
  kind: 'line',
  layer,
  points,
  closed,
  ...(dashed ? { dashed } : {}),
});
const text = (layer: Layer, at: Point, words: string, turn = 0, size = LETTER): DrawnShape => ({
  kind: 'text',
  layer,
  at,
  text: words,
  size,
  turn,
});

/** A dimension: two ticks, a line, the length over it. */
function dimension(a: Point, b: Point, words: string): DrawnShape[] {
  const size = Math.hypot(b.x - a.x, b.y - a.y);
  if (size < 1) return [];
  const along = { x: (b.x - a.x) / size, y: (b.y - a.y) / size };
  const tick = (p: Point) =>
    line('dimensions', [
      { x: p.x - (along.x + along.y) * 25, y: p.y - (along.y - along.x) * 25 },
      { x: p.x + (along.x + along.y) * 25, y: p.y + (along.y - along.x) * 25 },
    ]);
  const upright = Math.abs(along.y) > 0.7;
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  const at = upright ? { x: middle.x - 15, y: middle.y } : { x: middle.x, y: middle.y - 15 };
  return [line('dimensions', [a, b]), tick(a), tick(b), text('dimensions', at, words, upright ? -90 : 0)];
}

function boxOf(points: readonly Point[], pad: number): Drawing['box'] {
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  return {
    left: Math.min(...xs) - pad,
    top: Math.min(...ys) - pad,
    right: Math.max(...xs) + pad,
    bottom: Math.max(...ys) + pad,
  };
}

/** The room from above, with dimensions of the walls. @param mode which mode it is in; '' is every day */
export function drawAbove(plan: Plan, mode = ''): Drawing {
  const here = inMode(plan, mode);
  const say = (mm: number) => formatLength(Math.round(mm * 10) / 10, plan.meta.units);
  const walls = wallsOf(here);
  const outline = outlineOf(here);
  const shapes: DrawnShape[] = [line('walls', outline, true)];
  for (const wall of walls) {
    shapes.push(...dimension(atWall(wall, 0, -200), atWall(wall, wall.length, -200), say(wall.length)));
    for (const o of Object.values(here.openings).filter((o) => o.corner === wall.id)) {
      shapes.push(line('openings', strip(wall, o.offset, o.offset + o.width, -80), true));
      const sweep = doorSweep(o, wall);
      if (sweep.length > 0) shapes.push(line('openings', sweep, true, true));
    }
    for (const f of Object.values(here.fixtures).filter((f) => f.corner === wall.id))
      shapes.push(line('fixtures', strip(wall, f.offset, f.offset + f.width, Math.max(f.depth, 10)), true));
  }
  for (const o of Object.values(here.overheads)) {
    const wall = walls.find((w) => w.id === o.corner);
    if (o.kind !== 'slope') shapes.push(line('overhead', beamOutline(o), true, true));
    else if (wall)
      shapes.push(line('overhead', [atWall(wall, 0, o.run), atWall(wall, wall.length, o.run)], false, true));
  }
  for (const unit of byName(here.units)) {
    if (unit.host !== null && here.units[unit.host]) continue;
    const feet = footprint(unit);
    shapes.push(line('furniture', feet, true, unit.bottom > 900));
    if (unit.bottom <= 900) shapes.push(text('names', { x: unit.x, y: unit.y + LETTER / 3 }, unit.name));
  }
  for (const area of Object.values(here.areas))
    if (area.mode === mode) shapes.push(line('areas', areaOutline(area, here.units), true, true));
  for (const s of byName(here.stations)) shapes.push(text('names', s, s.name), line('furniture', circle(s, 180), true));
  return { title: `${plan.meta.room}, from above`, box: boxOf(outline, 320), shapes };
}

function circle(at: Point, radius: number): Point[] {
  return Array.from({ length: 24 }, (_, i) => ({
    x: at.x + radius * Math.cos((i * Math.PI) / 12),
    y: at.y + radius * Math.sin((i * Math.PI) / 12),
  }));
}

/** All walls unrolled, with true heights, sills, slopes, and the reach heights of a person. */
export function drawRound(plan: Plan, person: string | null = null): Drawing {
  const here = inMode(plan, '');
  const say = (mm: number) => formatLength(Math.round(mm * 10) / 10, plan.meta.units);
  const walls = wallsOf(here);
  const total = walls.reduce((sum, w) => sum + w.length, 0);
  const { ceiling } = plan.meta;
  const up = (x: number, z: number): Point => ({ x, y: -z });
  const rectangle = (layer: Layer, left: number, right: number, bottom: number, top: number, dashed = false) =>
    line(layer, [up(left, top), up(right, top), up(right, bottom), up(left, bottom)], true, dashed);
  const shapes: DrawnShape[] = [];
  for (const wall of walls) {
    const end = wall.start + wall.length;
    shapes.push(
      rectangle('walls', wall.start, end, 0, ceiling),
      text('names', up(wall.start + 300, ceiling + 90), wall.name),
    );
    shapes.push(...dimension(up(wall.start, -200), up(end, -200), say(wall.length)));
    shapes.push(...slopeOn(here, wall, up));
    for (const o of Object.values(here.openings).filter((o) => o.corner === wall.id)) {
      const left = wall.start + o.offset;
      shapes.push(rectangle('openings', left, left + o.width, o.sill, o.sill + o.height));
      if (o.sill > 0) shapes.push(text('dimensions', up(left + o.width / 2, o.sill - 80), `sill ${say(o.sill)}`));
    }
    for (const f of Object.values(here.fixtures).filter((f) => f.corner === wall.id))
      shapes.push(
        rectangle('fixtures', wall.start + f.offset, wall.start + f.offset + f.width, f.bottom, f.bottom + f.height),
      );
  }
  for (const unit of byName(here.units)) {
    const span = stripSpan(unit, walls);
    if (!span) continue;
    const top = unit.bottom + unit.height;
    shapes.push(
      rectangle('furniture', span.left, span.right, unit.kind === 'table' ? top - unit.board : unit.bottom, top),
    );
    shapes.push(text('names', up((span.left + span.right) / 2, top + 30), unit.name));
    if (!span.facesRoom) continue;
    for (const c of compartmentsOf(unit))
      shapes.push(
        rectangle('inside', span.left + c.front.left, span.left + c.front.right, c.front.bottom, c.front.top),
      );
  }
  const who = person === null ? undefined : plan.people[person];
  if (who) {
    const body = bodyOf(who, null, constantsOf(plan.meta.constants));
    for (const [z, word] of [
      [body.overhead, 'overhead grip'],
      [body.standingShoulder, 'shoulder'],
      [body.knuckle, 'knuckle'],
      [body.knee, 'knee'],
    ] as const)
      shapes.push(
        line('reach', [up(0, z), up(total, z)], false, true),
        text('reach', up(400, z + 15), `${word} ${say(z)}`),
      );
  }
  shapes.push(...dimension(up(-150, 0), up(-150, ceiling), say(ceiling)));
  return {
    title: `${plan.meta.room}, round the room`,
    box: { left: -320, right: total + 120, top: -ceiling - 220, bottom: 320 },
    shapes,
  };
}

/** Where slopes and beams cut the face of a wall. */
function slopeOn(plan: Plan, wall: Wall, up: (x: number, z: number) => Point): DrawnShape[] {
  const top = wallTop(plan, wall);
  if (top.every((p) => p.height >= plan.meta.ceiling)) return [];
  return [
    line(
      'overhead',
      top.map((p) => up(wall.start + p.along, p.height)),
    ),
  ];
}

/** Sheets on which a drawing may be printed, mm; the longer side first. */
const SHEETS = {
  a4: [297, 210],
  a3: [420, 297],
  a2: [594, 420],
  letter: [279.4, 215.9],
  tabloid: [431.8, 279.4],
} as const;

/** Size on paper at a scale, mm, and the smallest sheet that takes it with margins of 10 mm; null when none does. */
export function onPaper(
  drawing: Drawing,
  scale: number,
  system: UnitSystem,
): { width: number; height: number; sheet: string | null } {
  const width = (drawing.box.right - drawing.box.left) / scale;
  const height = (drawing.box.bottom - drawing.box.top) / scale;
  const names = system !== 'imperial' ? (['a4', 'a3', 'a2'] as const) : (['letter', 'tabloid'] as const);
  const [long, short] = [Math.max(width, height), Math.min(width, height)];
  const sheet = names.find((n) => long <= SHEETS[n][0] - 20 && short <= SHEETS[n][1] - 20) ?? null;
  return { width, height, sheet };
}
