import fc from 'fast-check';
import { SEAT_DEFAULTS } from '../model/plan.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { element, totalSeconds, TMU } from './elements.ts';
import { approachOf } from './approach.ts';
import { quarters } from './reached.ts';
import { fetchElements, fetchSeconds, returnElements, type Lookup } from './fetch.ts';

const person = { id: 'p', name: 'Maker', stature: 1660 };
const station = {
  id: 's',
  name: 'Seat',
  unit: null,
  person: 'p',
  x: 0,
  y: 0,
  facing: 0,
  posture: 'seated' as const,
  seatHeight: 450,
  ...SEAT_DEFAULTS,
};
const labelled: Lookup = { lines: 1, known: true, alike: 5, loose: false, aside: 0 };

/** A compartment straight north of the seat whose front is at a distance and height. */
export function place(far: number, z: number, access: Compartment['access'] = 'open'): Compartment {
  return {
    id: 'u/s1',
    unit: 'u',
    slot: 's1',
    name: 'Place',
    short: 'place',
    access,
    walls: 'sides',
    inside: { width: 300, depth: 300, height: 200 },
    front: { left: 0, right: 300, bottom: z - 100, top: z + 100 },
    access3: { x: 0, y: -far, z },
    mouth: { x: 0, y: 0 },
    stand: { x: 0, y: -far + 400 },
    container: null,
    within: null,
    only: null,
  };
}

test('element times: reach and move are read between the rows of the table', () => {
  expect(element('reach', 304.8).seconds).toBeCloseTo(12.9 * TMU, 9);
  expect(element('reach', 228.6).seconds).toBeCloseTo(((8.6 + 12.9) / 2) * TMU, 9);
  expect(element('move', 762).seconds).toBeCloseTo(24.3 * TMU, 9);
  expect(element('reach', 914.4).seconds).toBeCloseTo(30.1 * TMU, 9);
});

test('a seated maker gets up for a shelf across the room, bends for a low one, and sits down again', () => {
  const kinds = fetchElements(approachOf(station, person, place(2600, 600)), labelled).map((e) => e.kind);
  expect(kinds).toEqual([
    ...['look', 'push the chair back', 'stand up', 'walk', 'bend', 'reach', 'grasp', 'move', 'straighten'],
    // Round from the shelf, back, round again to the table.
    ...['turn', 'walk', 'turn', 'turn round', 'sit down', 'draw the chair up', 'move', 'put down'],
  ]);
});

test('a drawer within a swivel is opened and closed from the seat', () => {
  const kinds = fetchElements(approachOf(station, person, place(620, 900, 'drawer')), labelled).map((e) => e.kind);
  expect(kinds).toEqual(['look', 'open drawer', 'reach', 'grasp', 'move', 'close drawer', 'put down']);
});

test('unlabelled drawers are opened in vain: half of the look-alikes on average', () => {
  const way = approachOf(station, person, place(900, 900, 'drawer'));
  const blind = fetchElements(way, { ...labelled, known: false });
  expect(blind.filter((e) => e.kind === 'open drawer').map((e) => e.quantity)).toEqual([600, 300]);
  expect(totalSeconds(blind)).toBeGreaterThan(totalSeconds(fetchElements(way, labelled)));
});

test('what goes back costs its return as well', () => {
  const way = approachOf(station, person, place(2600, 1200));
  expect(fetchSeconds(way, labelled, true)).toBeCloseTo(
    fetchSeconds(way, labelled, false) + totalSeconds(returnElements(way)),
    9,
  );
});

test('above overhead reach the steps are fetched; on the floor one kneels', () => {
  expect(approachOf(station, person, place(2600, 2050)).go.map((e) => e.kind)).toContain('climb');
  expect(approachOf(station, person, place(2600, 200)).go.map((e) => e.kind)).toContain('kneel');
});

test('property: farther along the same line, at the same height, is never faster; nor is a lid before it, a crowd, or no label', () => {
  fc.assert(
    fc.property(
      // Beyond where the hand rests; nearer than that a hand reaches back.
      fc.integer({ min: 340, max: 6000 }),
      fc.integer({ min: 1, max: 800 }),
      fc.integer({ min: 50, max: 2300 }),
      (far, more, z) => {
        const near = approachOf(station, person, place(far, z));
        const further = approachOf(station, person, place(far + more, z));
        const seconds = (way: typeof near, find = labelled) => fetchSeconds(way, find, true);
        if (near.ripple >= 4 || further.ripple <= 3)
          expect(seconds(further)).toBeGreaterThanOrEqual(seconds(near) - 1e-9);
        expect(further.ripple).toBeGreaterThanOrEqual(near.ripple);
        expect(seconds(approachOf(station, person, place(far, z, 'lid')))).toBeGreaterThan(seconds(near) - 1e-9);
        expect(seconds(near, { ...labelled, lines: 4 })).toBeGreaterThan(seconds(near));
        expect(seconds(near, { ...labelled, aside: 2 })).toBeGreaterThan(seconds(near));
        expect(seconds(near, { ...labelled, loose: true })).toBeGreaterThan(seconds(near));
      },
    ),
  );
});

test('what is opened in vain is opened at the place, and the room’s door is shut before one bends', () => {
  const far = approachOf(station, person, place(2600, 600, 'drawer'), { behindDoor: true });
  const kinds = fetchElements(far, { ...labelled, known: false }).map((e) => e.kind);
  const at = (kind: string) => kinds.indexOf(kind as never);
  expect(at('walk')).toBeLessThan(at('shut the room door'));
  expect(at('shut the room door')).toBeLessThan(at('bend'));
  expect(at('bend')).toBeLessThan(at('open drawer'));
  // Straight again, the door is opened before one goes.
  expect(at('straighten')).toBeLessThan(at('open the room door'));
  expect(at('open the room door')).toBeLessThan(kinds.lastIndexOf('walk'));
});

test('turning goes by eighths of the way round: none to 45 degrees, a quarter to 90, half of one more beyond', () => {
  expect([0, 45, 46, 90].map(quarters)).toEqual([0, 0, 1, 1]);
  expect([93, 135, 136].map(quarters)).toEqual([1.5, 1.5, 2]);
  expect(quarters(180)).toBe(2);
});
