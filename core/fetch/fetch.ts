/** A fetch from a station to a compartment and back, as a list of elements in the order in which they are done. */
import type { Constants } from '../model/constants.ts';
import type { Digging } from '../fit/digging.ts';
import type { Approach } from './approach.ts';
import { element, times, totalSeconds, type Element, type ElementKind } from './elements.ts';

/** How the thing lies, as far as finding and grasping it goes. */
export interface Lookup {
  /** Lines of supplies in the same compartment, this one included. */
  lines: number;
  /** Whether a label or a look tells what is inside before opening. */
  known: boolean;
  /** Closed compartments of the same unit that look alike, this one included; opened half of them on average when not known. */
  alike: number;
  loose: boolean;
  /** What it takes to find one among others of its line, by how they lie; nothing when not given. */
  digging?: Digging;
  /** Its home is not sorted: this many more looks, and it is picked out of a jumble. */
  heap?: number;
  /** Things moved aside to get at it, on average: what a compartment that is overfull costs. */
  aside: number;
  /** A machine that is used where it stands: one goes there and comes back, and carries nothing. */
  inPlace?: boolean;
  /** What is carried at once, kg; nothing when not known. */
  kilograms?: number;
}

/** Found at once: labelled or in view, alone in its place. */
export const ALONE: Lookup = { lines: 1, known: true, alike: 1, loose: false, aside: 0 };

/** From where it was used to the hand, and back: 12 in, mm. */
const ON_THE_TABLE = 304.8;

/** Finding one among its neighbours, and lifting off what lies on it. */
export function diggingElements(dig: Digging | undefined, constants: Constants): Element[] {
  if (!dig) return [];
  const of = (kind: ElementKind, quantity: number) => (quantity > 0 ? [element(kind, quantity, constants)] : []);
  return [
    ...of('look over', dig.travel),
    ...of('search', dig.looks),
    ...of('flick through', dig.flicks),
    ...of('lift off', dig.lifts),
  ];
}

/** From which load in the hands paces are shorter, and by how much: 34 in empty, 30 in up to 35 lb, 24 in above (MTM-1, from memory); kg. */
const SHORTER: ReadonlyArray<[kilograms: number, share: number]> = [
  [15.9, 34 / 24],
  [2.27, 34 / 30],
];

/** The same way with something in the hands. */
function carrying(elements: readonly Element[], kilograms: number): readonly Element[] {
  const share = SHORTER.find(([from]) => kilograms > from)?.[1];
  if (share === undefined) return elements;
  return elements.map((e) => (e.kind === 'walk' || e.kind === 'walk round furniture' ? times(share, e) : e));
}

/** Elements of going, finding, taking and bringing one thing; of what is used in place, of going there and coming back. */
export function fetchElements(way: Approach, find: Lookup): Element[] {
  const { constants, reach } = way;
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, constants);
  if (find.inPlace) return [of('look'), ...way.go, ...way.open, ...way.close, ...way.come];
  const { kilograms = 0 } = find;
  const inVain: Element[] = [];
  if (!find.known && find.alike > 1) {
    // Half of the look-alikes are opened in vain on average: (n - 1) / 2. What stands open is only looked into.
    const vain = (find.alike - 1) / 2;
    const [open, close] = [way.open[0], way.close.at(-1)];
    for (const e of open && close ? [open, of('look'), close] : [of('look')]) inVain.push(times(vain, e));
  }
  // Looked through one by one, the right line turns up half-way on average: (n + 1) / 2.
  const looks = (find.lines > 1 ? (find.lines + 1) / 2 : 0) + (find.heap ?? 0);
  return [
    of('look'),
    ...way.go,
    ...inVain,
    ...way.open,
    ...(looks > 0 ? [of('search', looks)] : []),
    ...(find.aside > 0 ? [of('move aside', find.aside)] : []),
    ...diggingElements(find.digging, constants),
    of('reach', reach),
    of(find.loose || find.heap !== undefined || find.digging?.jumble || way.blind ? 'pick from a jumble' : 'grasp'),
    element('move', reach, constants, kilograms),
    ...(find.aside > 0 ? [of('move back', find.aside)] : []),
    ...way.close,
    ...carrying(way.come, kilograms),
    ...(way.ripple > 3 ? [element('move', ON_THE_TABLE, constants, kilograms)] : []),
    of('put down'),
  ];
}

/** Elements of putting it back: the same way, without looking for it; what is used in place is left there. */
export function returnElements(way: Approach, find: Pick<Lookup, 'inPlace' | 'kilograms'> = {}): Element[] {
  if (find.inPlace) return [];
  const { constants, reach } = way;
  const { kilograms = 0 } = find;
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, constants);
  return [
    of('reach', ON_THE_TABLE),
    of('grasp'),
    ...carrying(way.go, kilograms),
    ...way.open,
    of('look'),
    element('move', reach, constants, kilograms),
    of('put down'),
    ...way.close,
    ...way.come,
  ];
}

/** Seconds of one fetch, with the return trip where the thing goes back. */
export function fetchSeconds(way: Approach, find: Lookup, goesBack: boolean): number {
  return totalSeconds(fetchElements(way, find)) + (goesBack ? totalSeconds(returnElements(way, find)) : 0);
}
