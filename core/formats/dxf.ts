/** Drawings as DXF, and the outline of a room out of a DXF. */
import { DxfWriter, LWPolylineFlags, point2d, point3d, TextHorizontalAlignment, Units } from '@tarikjabiri/dxf';
import DxfParser from 'dxf-parser';
import { signedArea, turned, type Point } from '../geometry/geometry.ts';
import { selfCrossing } from '../geometry/traverse.ts';
import { oneLine } from '../model/text.ts';
import { LAYERS, type Drawing } from './drawing.ts';

/** Colour numbers of the layers in DXF. */
const COLOUR = {
  walls: 7,
  openings: 5,
  fixtures: 4,
  furniture: 7,
  inside: 8,
  areas: 1,
  overhead: 8,
  reach: 8,
  dimensions: 3,
  names: 7,
} as const;

/** A drawing as a DXF file in millimetres, one layer for each kind of thing; y points up in DXF. */
export function writeDxf(drawing: Drawing): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const layer of LAYERS) dxf.addLayer(layer, COLOUR[layer], 'Continuous');
  for (const shape of drawing.shapes) {
    dxf.setCurrentLayerName(shape.layer);
    if (shape.kind === 'text')
      dxf.addText(point3d(shape.at.x, -shape.at.y), shape.size, oneLine(shape.text), {
        rotation: -shape.turn,
        horizontalAlignment: TextHorizontalAlignment.Center,
        secondAlignmentPoint: point3d(shape.at.x, -shape.at.y),
      });
    else
      dxf.addLWPolyline(
        shape.points.map((p) => ({ point: point2d(p.x, -p.y) })),
        { flags: shape.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
      );
  }
  return dxf.stringify();
}

/** Units of a DXF by the number in its header ($INSUNITS), in mm. */
const UNIT_MM: Readonly<Record<number, [mm: number, name: string]>> = {
  1: [25.4, 'inches'],
  2: [304.8, 'feet'],
  4: [1, 'millimetres'],
  5: [10, 'centimetres'],
  6: [1000, 'metres'],
  14: [100, 'decimetres'],
};
export const DXF_UNITS = { mm: 4, cm: 5, m: 6, in: 1, ft: 2 } as const;

export interface DxfOutline {
  layer: string;
  /** Corners in mm, clockwise, y down, the box from 0, 0. */
  points: Point[];
  /** m² */
  area: number;
}
export type DxfResult =
  { ok: true; outlines: DxfOutline[]; unit: string; notes: string[] } | { ok: false; message: string };

/** Joins ends that are nearer than this, mm. */
const JOIN = 2;
/** Floor areas that can be a room, m². */
const ROOM = { least: 0.5, most: 900 };
/** Chords of an arc. */
const CHORD = Math.PI / 12;

interface Entity {
  type: string;
  layer?: string;
  vertices?: Array<{ x: number; y: number; bulge?: number }>;
  shape?: boolean;
  center?: Point;
  radius?: number;
  startAngle?: number;
  endAngle?: number;
  name?: string;
  position?: Point;
  xScale?: number;
  yScale?: number;
  rotation?: number;
}
interface Block {
  entities?: Entity[];
  position?: Point;
}
type Move = (p: Point) => Point;
interface Chain {
  layer: string;
  points: Point[];
  closed: boolean;
}

/**
 * The outlines in a DXF that can be a room: closed lines, or lines that join end to end, on one layer; blocks taken apart.
 * @param unit what one unit of the file is, when it does not say
 * @returns outlines with the largest first, or why there is none
 */
export function readDxf(text: string, unit?: keyof typeof DXF_UNITS): DxfResult {
  if (!/^\s*0\s*\r?\n\s*SECTION\s*$/m.test(text))
    return {
      ok: false,
      message:
        'This is not a DXF that can be read: it has no sections. A binary DXF or a DWG is written out as text DXF first.',
    };
  let file: ReturnType<DxfParser['parseSync']>;
  try {
    file = new DxfParser().parseSync(text.replace(/^\uFEFF/, ''));
  } catch (cause) {
    return {
      ok: false,
      message: `This is not a DXF that can be read: ${cause instanceof Error ? cause.message : String(cause)}.`,
    };
  }
  if (!file || !Array.isArray(file.entities)) return { ok: false, message: 'This is not a DXF: it has no entities.' };
  const code = unit ? DXF_UNITS[unit] : Number(file.header?.$INSUNITS ?? 0);
  const known = UNIT_MM[code];
  if (!known && code !== 0)
    return {
      ok: false,
      message: `The DXF is drawn in a unit that is not read here (number ${code}). Write it out in millimetres, centimetres, metres, inches or feet.`,
    };
  const notes: string[] = [];
  const chains: Chain[] = [];
  const skipped = new Map<string, number>();
  collect(file.entities, file.blocks ?? {}, (p) => p, '0', chains, skipped, 0);
  if (!known)
    return {
      ok: false,
      message: 'The DXF does not say its unit. Choose millimetres, centimetres, metres, inches or feet.',
    };
  const [mm, name] = known;
  const scaled = chains.map((c) => ({ ...c, points: c.points.map((p) => ({ x: p.x * mm, y: -p.y * mm })) }));
  const outlines = [...scaled.filter((c) => c.closed), ...join(scaled.filter((c) => !c.closed))]
    .map(({ layer, points }) => outlineFrom(layer, points))
    .filter((o): o is DxfOutline => o !== null)
    .sort((a, b) => b.area - a.area);
  for (const [type, n] of skipped) notes.push(`${n} ${type.toLowerCase()} left out`);
  const crossing = outlines.find((o) => selfCrossing(o.points));
  const fine = outlines.filter((o) => !selfCrossing(o.points));
  if (fine.length === 0) {
    if (crossing) return { ok: false, message: `The outline on layer “${crossing.layer}” crosses itself.` };
    return {
      ok: false,
      message: `There is no closed outline of ${ROOM.least} to ${ROOM.most} m² in the DXF (taken as ${name})${chains.length === 0 ? ': it has no lines' : chains.length === 1 ? ': its line does not close' : `: ${chains.length} lines that do not close`}.`,
    };
  }
  return { ok: true, outlines: fine, unit: name, notes };
}

function collect(
  entities: readonly Entity[],
  blocks: Record<string, Block>,
  move: Move,
  within: string,
  chains: Chain[],
  skipped: Map<string, number>,
  depth: number,
): void {
  for (const e of entities) {
    // What lies on layer 0 of a block takes the layer of its insertion.
    const layer = !e.layer || e.layer === '0' ? within : e.layer;
    if ((e.type === 'LWPOLYLINE' || e.type === 'POLYLINE' || e.type === 'LINE') && e.vertices && e.vertices.length > 1)
      chains.push({ layer, points: bulged(e.vertices, e.shape === true).map(move), closed: e.shape === true });
    else if (e.type === 'ARC' && e.center && e.radius !== undefined)
      chains.push({
        layer,
        points: arc(e.center, e.radius, e.startAngle ?? 0, e.endAngle ?? 0).map(move),
        closed: false,
      });
    else if (e.type === 'INSERT' && e.name !== undefined && blocks[e.name] && depth < 8) {
      const block = blocks[e.name]!;
      const base = block.position ?? { x: 0, y: 0 };
      const at = e.position ?? { x: 0, y: 0 };
      const into: Move = (p) => {
        const q = turned({ x: (p.x - base.x) * (e.xScale ?? 1), y: (p.y - base.y) * (e.yScale ?? 1) }, e.rotation ?? 0);
        return move({ x: at.x + q.x, y: at.y + q.y });
      };
      collect(block.entities ?? [], blocks, into, layer, chains, skipped, depth + 1);
    } else skipped.set(e.type, (skipped.get(e.type) ?? 0) + 1);
  }
}

/** Vertices with their curved pieces cut into chords; a bulge is the tangent of a quarter of the angle of an arc. */
function bulged(vertices: ReadonlyArray<{ x: number; y: number; bulge?: number }>, closed: boolean): Point[] {
  const points: Point[] = [];
  vertices.forEach((a, i) => {
    points.push({ x: a.x, y: a.y });
    const b = vertices[(i + 1) % vertices.length]!;
    if (!a.bulge || (!closed && i === vertices.length - 1)) return;
    const angle = 4 * Math.atan(a.bulge);
    const parts = Math.max(1, Math.ceil(Math.abs(angle) / CHORD));
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    // Centre of the arc: half the chord over the tangent of half the angle, square to the chord.
    const off = 1 / (2 * Math.tan(angle / 2));
    const centre = { x: (a.x + b.x) / 2 - dy * off, y: (a.y + b.y) / 2 + dx * off };
    for (let k = 1; k < parts; k++) {
      const q = turned({ x: a.x - centre.x, y: a.y - centre.y }, ((angle * k) / parts) * (180 / Math.PI));
      points.push({ x: centre.x + q.x, y: centre.y + q.y });
    }
  });
  return points;
}

function arc(centre: Point, radius: number, from: number, to: number): Point[] {
  const sweep = (to - from + 4 * Math.PI) % (2 * Math.PI) || 2 * Math.PI;
  const parts = Math.max(1, Math.ceil(sweep / CHORD));
  return Array.from({ length: parts + 1 }, (_, i) => {
    const angle = from + (sweep * i) / parts;
    return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) };
  });
}

const near = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y) <= JOIN;

/** Closed outlines from open lines of one layer that meet end to end. */
function join(chains: readonly Chain[]): Chain[] {
  const closed: Chain[] = [];
  const open = chains.map((c) => ({ ...c, points: [...c.points] }));
  while (open.length > 0) {
    const chain = open.pop()!;
    for (;;) {
      const end = chain.points.at(-1)!;
      if (chain.points.length > 2 && near(end, chain.points[0]!)) {
        closed.push({ ...chain, points: chain.points.slice(0, -1), closed: true });
        break;
      }
      const next = open.findIndex(
        (c) => c.layer === chain.layer && (near(c.points[0]!, end) || near(c.points.at(-1)!, end)),
      );
      if (next < 0) break;
      const { points } = open.splice(next, 1)[0]!;
      chain.points.push(...(near(points[0]!, end) ? points : points.reverse()).slice(1));
    }
  }
  return closed;
}

/** Clockwise, from 0, 0, without corners that are none; null when it cannot be a room. */
function outlineFrom(layer: string, raw: readonly Point[]): DxfOutline | null {
  const apart = raw.filter((p, i) => !near(p, raw[(i + 1) % raw.length]!));
  const points = apart.filter((p, i) => {
    const [a, b] = [apart.at(i - 1)!, apart[(i + 1) % apart.length]!];
    const off =
      Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / Math.max(1, Math.hypot(b.x - a.x, b.y - a.y));
    return off > 0.5;
  });
  if (points.length < 3) return null;
  const area = Math.abs(signedArea(points)) / 1e6;
  if (area < ROOM.least || area > ROOM.most) return null;
  const clockwise = signedArea(points) > 0 ? points : [...points].reverse();
  const [left, top] = [Math.min(...points.map((p) => p.x)), Math.min(...points.map((p) => p.y))];
  const tidy = (mm: number) => Math.round(mm * 10) / 10;
  // It starts at the corner nearest to the upper left.
  const first = clockwise.reduce(
    (best, p, i) => (p.x - left + p.y - top < clockwise[best]!.x - left + clockwise[best]!.y - top ? i : best),
    0,
  );
  const ordered = [...clockwise.slice(first), ...clockwise.slice(0, first)];
  return { layer, points: ordered.map((p) => ({ x: tidy(p.x - left), y: tidy(p.y - top) })), area };
}
