/** A unit with its drawers out, its doors and lids open: what they take from above and at which heights. */
import type { Unit } from '../model/plan.ts';
import { sinCos, type Point } from '../geometry/geometry.ts';
import { once } from '../model/memo.ts';
import { compartmentsOf, type Compartment } from './compartments.ts';
import { inRoom } from './footprint.ts';

export interface Opened {
  /** The compartment that it opens; a door before several names the first. */
  slot: string;
  name: string;
  kind: 'drawer' | 'door' | 'lid';
  /** What it sweeps or takes from above, clockwise. */
  shape: Point[];
  /** Heights over the floor between which it must be free, mm. */
  bottom: number;
  top: number;
  /** How far it comes out of the front (or up, for a lid), mm. */
  out: number;
}

/** Pieces of the quarter circle that a door sweeps. */
const ARC = 8;

/** Everything of a unit that opens. Sliding doors take no room. */
export const openedOf: (unit: Unit) => readonly Opened[] = once((unit) => {
  const list = compartmentsOf(unit);
  const opened: Opened[] = list.flatMap((c): Opened[] => {
    if (c.access === 'drawer' || c.access === 'pull-out') return [drawer(unit, c)];
    if (c.access === 'lid') return [lid(unit, c)];
    if (c.access === 'door' && unit.doors === 'none') return [leaf(unit, c, c.front, 'left')];
    return [];
  });
  const first = list.find((c) => c.access === 'door');
  if (first && unit.doors !== 'none' && unit.doors !== 'sliding') {
    const behind = list.filter((c) => c.access === 'door');
    const front = {
      left: Math.min(...behind.map((c) => c.front.left)),
      right: Math.max(...behind.map((c) => c.front.right)),
      bottom: Math.min(...behind.map((c) => c.front.bottom)),
      top: Math.max(...behind.map((c) => c.front.top)),
    };
    const middle = (front.left + front.right) / 2;
    if (unit.doors === 'pair')
      opened.push(
        leaf(unit, first, { ...front, right: middle }, 'left'),
        leaf(unit, first, { ...front, left: middle }, 'right'),
      );
    else opened.push(leaf(unit, first, front, unit.doors));
  }
  return opened;
});

function drawer(unit: Unit, c: Compartment): Opened {
  const out = c.inside.depth;
  const { left, right } = c.front;
  const shape = [
    inRoom(unit, left, unit.depth),
    inRoom(unit, right, unit.depth),
    inRoom(unit, right, unit.depth + out),
    inRoom(unit, left, unit.depth + out),
  ];
  return { slot: c.slot, name: c.name, kind: 'drawer', shape, bottom: c.front.bottom, top: c.front.top, out };
}

function leaf(unit: Unit, c: Compartment, front: Compartment['front'], hinge: 'left' | 'right'): Opened {
  const out = front.right - front.left;
  const pin = hinge === 'left' ? front.left : front.right;
  const side = hinge === 'left' ? 1 : -1;
  const arc = Array.from({ length: ARC + 1 }, (_, i) => {
    const [sin, cos] = sinCos((90 * i) / ARC);
    return inRoom(unit, pin + side * cos * out, unit.depth + sin * out);
  });
  const fan = [inRoom(unit, pin, unit.depth), ...arc];
  return {
    slot: c.slot,
    name: c.name,
    kind: 'door',
    shape: hinge === 'left' ? fan : [fan[0]!, ...fan.slice(1).reverse()],
    bottom: front.bottom,
    top: front.top,
    out,
  };
}

/** A lid stands up on its back edge: it takes the footprint, up to the height of the lid. */
function lid(unit: Unit, c: Compartment): Opened {
  const shape = [
    inRoom(unit, c.front.left, 0),
    inRoom(unit, c.front.right, 0),
    inRoom(unit, c.front.right, unit.depth),
    inRoom(unit, c.front.left, unit.depth),
  ];
  return {
    slot: c.slot,
    name: c.name,
    kind: 'lid',
    shape,
    bottom: c.front.top,
    top: c.front.top + unit.depth,
    out: unit.depth,
  };
}
