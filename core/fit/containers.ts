/** Containers as places: each is a compartment within the compartment (or container) in which it stands. */
import { groupBy } from '../model/groups.ts';
import type { Arrangement, Container, ContainerShape, Plan } from '../model/plan.ts';
import { byName } from '../model/plan.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import { FreeSpace } from '../geometry/pack/freeSpace.ts';
import { packRectangles } from '../geometry/pack/rectangles.ts';
import { PEG_DEPTH } from './poses.ts';
import { partsOf } from '../furniture/parts.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import type { Compartment } from '../furniture/compartments.ts';

/**
 * What the inside of a round container counts as: a square of the same area, so that what is loose in it, and the room that it
 * takes, are right. One straight thing across the middle could be an eighth longer.
 * @param diameter inside, mm @returns the side of the square, mm to a tenth
 */
export const roundInside = (diameter: number): number => Math.round(((diameter * Math.sqrt(Math.PI)) / 2) * 10) / 10;

/** The diameter of which a square inside is the measure, mm to a tenth. */
export const diameterOf = (side: number): number => Math.round(((side * 2) / Math.sqrt(Math.PI)) * 10) / 10;

/** What a container is whose inside is round: as thick all round as it was at its sides. @param diameter inside, mm */
export function asRound(
  shape: Pick<ContainerShape, 'width' | 'insideWidth'>,
  diameter: number,
): Pick<ContainerShape, 'width' | 'depth' | 'insideWidth' | 'insideDepth'> {
  // What is within may be the square that stands for a round inside already.
  const round = diameterOf(shape.insideWidth);
  const walls = Math.max(0, shape.width - (round < shape.width ? round : shape.insideWidth));
  const outside = Math.round((diameter + walls) * 10) / 10;
  const inside = roundInside(diameter);
  return { width: outside, depth: outside, insideWidth: inside, insideDepth: inside };
}

/** Id of the compartment that a container is. */
export function containerPlace(container: Pick<Container, 'id' | 'unit' | 'slot'>): string {
  return `${container.unit}/${container.slot}#${container.id}`;
}

/** Id of the compartment in which a container stands. */
export function standsIn(plan: Pick<Plan, 'containers'>, container: Container): string {
  const parent = container.parent === null ? undefined : plan.containers[container.parent];
  return parent ? containerPlace(parent) : `${container.unit}/${container.slot}`;
}

/** Containers first that stand in a compartment, then those that stand in another container; each by name. */
function containersInOrder(plan: Pick<Plan, 'containers'>): Container[] {
  const all = byName(plan.containers);
  return [...all.filter((c) => c.parent === null), ...all.filter((c) => c.parent !== null)];
}

/**
 * The compartments that containers are. One whose place does not exist is left out (checkContainers says so), and so is
 * one that stands in a container that stands in another: containers nest one level.
 */
export function containerCompartments(
  plan: Pick<Plan, 'containers'>,
  compartments: ReadonlyMap<string, Compartment>,
): Compartment[] {
  const made = new Map<string, Compartment>();
  for (const c of containersInOrder(plan)) {
    if (c.arrangement === 'staged') continue;
    const within = standsIn(plan, c);
    const host = compartments.get(within) ?? made.get(within);
    const nested = c.parent !== null && plan.containers[c.parent]?.parent !== null;
    if (!host || nested || (host.only !== null && host.only !== c.arrangement)) continue;
    const id = containerPlace(c);
    made.set(id, {
      ...host,
      id,
      name: `${host.name}, ${c.name}`,
      short: c.name,
      access: c.lid === 'on' || c.lid === 'snap' ? 'lid' : 'box',
      walls: 'close',
      above: aboveRim(c, host),
      ...divided(c),
      inside: { width: c.insideWidth, depth: c.insideDepth, height: c.insideHeight },
      container: c.id,
      within,
      only: c.arrangement,
    });
  }
  return [...made.values()];
}

const divided = (c: Container) => {
  const parts = partsOf(c);
  return parts ? { parts } : {};
};

/** Free height over a container without a lid in the place where it stands, less what a drawer needs under its frame, mm. */
function aboveRim(c: Container, host: Compartment): number {
  if (c.lid === 'on' || c.lid === 'snap' || host.access === 'peg') return 0;
  return Math.max(0, host.inside.height + (host.above ?? 0) - c.height - (host.access === 'drawer' ? UNDER_FRAME : 0));
}
/** Kept free under the frame over a drawer, mm. Common practice, no source. */
const UNDER_FRAME = 10;

/** The containers of an arrangement by the compartment in which they stand. */
export function containersByPlace(plan: Pick<Plan, 'containers'>, arrangement: Arrangement): Map<string, Container[]> {
  return groupBy(containersInOrder(plan), (c) => (c.arrangement === arrangement ? standsIn(plan, c) : undefined));
}

export interface Standing {
  container: string;
  /** Its outline, from the left and from the front (on a board from the top), mm; null when it has no room. */
  rect: Rect | null;
  /** Turned by a quarter. */
  turned: boolean;
  reason: string | null;
}

/** Outline of a container in a place: on a board its width and height, else its width and depth. */
export function outline(c: Pick<ContainerShape, 'width' | 'depth' | 'height'>, access: Compartment['access']) {
  return { w: c.width, d: access === 'peg' ? c.height : c.depth };
}

/** Why a container cannot stand in a place however empty it is, or null. */
export function tooLargeFor(
  c: ContainerShape,
  place: Pick<Compartment, 'inside' | 'access'>,
  system: UnitSystem,
): string | null {
  const { w, d } = outline(c, place.access);
  const { width, height } = place.inside;
  const peg = place.access === 'peg';
  const depth = peg ? height : place.inside.depth;
  const say = (mm: number) => formatLength(Math.ceil(Math.max(mm, 1)), system);
  if (peg ? c.depth > PEG_DEPTH + 60 : c.height > height + 1e-6)
    return `${say(peg ? c.depth - PEG_DEPTH - 60 : c.height - height)} too ${peg ? 'deep' : 'tall'}`;
  if ((w <= width + 1e-6 && d <= depth + 1e-6) || (!peg && d <= width + 1e-6 && w <= depth + 1e-6)) return null;
  const straight = Math.max(w - width, d - depth);
  const turned = peg ? Infinity : Math.max(d - width, w - depth);
  return `${say(Math.min(straight, turned))} too ${straight <= turned ? (w - width >= d - depth ? 'wide' : 'deep') : d - width >= w - depth ? 'wide' : 'deep'}`;
}

/** Where the containers of one place stand: those that were put somewhere stay there, the others are packed round them. */
export function standContainers(
  containers: readonly Container[],
  place: Pick<Compartment, 'inside' | 'access' | 'parts'>,
  system: UnitSystem,
): Standing[] {
  const { width, height } = place.inside;
  const depth = place.access === 'peg' ? height : place.inside.depth;
  const result = new Map<string, Standing>();
  const space = new FreeSpace(width, depth);
  const waiting: Container[] = [];
  for (const c of containers) {
    const reason = tooLargeFor(c, place, system);
    const o = outline(c, place.access);
    const [w, d] = c.turned ? [o.d, o.w] : [o.w, o.d];
    if (reason) result.set(c.id, { container: c.id, rect: null, turned: c.turned, reason });
    else if (c.x === null || c.y === null) waiting.push(c);
    else {
      const rect = { x: c.x, y: c.y, w, d };
      const out = rect.x < -1e-6 || rect.y < -1e-6 || rect.x + w > width + 1e-6 || rect.y + d > depth + 1e-6;
      const hit = space.used.some((u) => overlaps(u, rect));
      if (out || hit)
        result.set(c.id, {
          container: c.id,
          rect: null,
          turned: c.turned,
          reason: out ? 'sticks out' : 'stands in another',
        });
      else {
        space.take(rect);
        result.set(c.id, { container: c.id, rect, turned: c.turned, reason: null });
      }
    }
  }
  if (place.parts) {
    const reason = 'has no place: what it would stand in is divided into parts';
    return containers.map((c) => ({ container: c.id, rect: null, turned: c.turned, reason }));
  }
  const boxes = waiting.map((c) => {
    const o = outline(c, place.access);
    return { id: c.id, w: o.w, d: o.d, turns: place.access !== 'peg' };
  });
  const full = { turned: false, rect: null, reason: 'has no room beside the others' } as const;
  if (space.used.length === 0) {
    const { placed } = packRectangles(boxes, width, depth);
    for (const b of boxes) result.set(b.id, { container: b.id, ...full });
    for (const { id, x, y, w, d, turned } of placed)
      result.set(id, { container: id, rect: { x, y, w, d }, turned, reason: null });
  } else {
    for (const b of [...boxes].sort((p, q) => q.w * q.d - p.w * p.d)) {
      const straight = space.find(b.w, b.d, 'bottom left');
      const at = straight ?? (b.turns ? space.find(b.d, b.w, 'bottom left') : null);
      if (at) space.take(at);
      result.set(
        b.id,
        at
          ? { container: b.id, rect: { x: at.x, y: at.y, w: at.w, d: at.d }, turned: !straight, reason: null }
          : { container: b.id, ...full },
      );
    }
  }
  return containers.map((c) => result.get(c.id)!);
}

export function overlaps(a: Rect, b: Rect): boolean {
  return a.x < b.x + b.w - 1e-6 && b.x < a.x + a.w - 1e-6 && a.y < b.y + b.d - 1e-6 && b.y < a.y + a.d - 1e-6;
}
