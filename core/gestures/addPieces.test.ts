import { unitTypes } from '@heronstone/library/inInches.ts';
import { having, rectangle } from '@heronstone/testing/rooms.ts';
import { set } from '../model/change.ts';
import { evaluate } from '../report/evaluate.ts';
import { addPieces, copyPiece } from './addPieces.ts';
import type { Standing } from './newUnit.ts';

const shapeOf = (title: string) => unitTypes('imperial').find((t) => t.title === title)!.shape;
const room = rectangle(3657.6, 3048, { units: 'imperial' });
let n = 0;
const newId = () => `p${n++}`;

test('several of a kind stand beside each other, and one undo takes all of them back', () => {
  const added = addPieces(room, shapeOf('Cube shelf'), { standing: 'floor', many: 3, newId });
  const after = having(room, ...added.changes);
  expect(Object.keys(after.units)).toHaveLength(3);
  expect(evaluate(after).findings.filter((f) => f.severity === 'error')).toEqual([]);
  expect(after.units[added.id]!.name).toMatch(/3$/);
});

test('told to stop, the search for a place ends with the best so far', () => {
  // In a full room every place is looked at, since none is without a fault.
  const full = having(
    room,
    ...addPieces(room, shapeOf('Low cube shelf'), { standing: 'floor', many: 6, newId }).changes,
  );
  const looks = (most: number) => {
    let asked = 0;
    const made = addPieces(full, shapeOf('Bookcase'), {
      standing: 'floor',
      many: 1,
      newId,
      stop: () => ++asked >= most,
    });
    expect(having(full, ...made.changes).units[made.id]).toBeDefined();
    return asked;
  };
  expect(looks(1)).toBe(1);
  expect(looks(99)).toBeGreaterThan(1);
});

test('a copy stands clear of what it was copied from', () => {
  const one = addPieces(room, shapeOf('Bookcase'), { standing: 'floor', many: 1, newId });
  const plan = having(room, ...one.changes);
  const copy = copyPiece(plan, one.id, newId);
  const after = having(plan, ...copy.changes);
  expect(after.units[copy.id]).toMatchObject({ width: after.units[one.id]!.width });
  expect(evaluate(after).findings.filter((f) => f.severity === 'error')).toEqual([]);
});

const add = (plan: typeof room, title: string, standing: Standing) =>
  addPieces(plan, shapeOf(title), { standing, many: 1, newId });

test('what does not hang or stand where such a piece does is said with the reason and the size that would', () => {
  expect(add(room, 'Door-back rack', 'door').note).toMatch(/^No door here swings, so .* hangs on a wall\.$/);
  const doored = having(
    room,
    set('openings', 'd', {
      ...{ id: 'd', corner: Object.keys(room.corners)[0]!, kind: 'door', offset: 300, width: 14 * 25.4 },
      ...{ height: 2032, sill: 0, hinge: 'left', swing: 'in' },
    }),
  );
  expect(add(doored, 'Door-back rack', 'door').note).toMatch(
    /Door-back rack is 17 1\/2 × .* in; the widest door has a leaf of 14 × 80 in/,
  );
  expect(add(room, 'Edge clamp', 'edge').note).toMatch(/^Nothing here has a front edge/);
  const desk = having(room, ...add(room, 'Work table', 'floor').changes);
  expect(add(desk, 'Edge clamp', 'edge').note).toBeNull();
  expect(add(room, 'Two drawers', 'insert').note).toMatch(/^No cube shelf, bookcase or cabinet here/);
  const books = having(room, ...add(room, 'Bookcase', 'floor').changes);
  expect(add(books, 'Two drawers', 'insert').note).toMatch(/; the opening that comes nearest is .* in\. It stands by/);
  expect(add(having(room, ...add(room, 'Cube shelf', 'floor').changes), 'Two drawers', 'insert').note).toBeNull();
});

test('a piece that is in the way wherever it stands says what it does there, and which width would not', () => {
  const niche = rectangle(1200, 1100, { units: 'imperial' });
  const { note } = addPieces(
    niche,
    { ...shapeOf('Bookcase'), name: 'Long bookcase', width: 1300 },
    { standing: 'wall', many: 1, newId },
  );
  expect(note).toMatch(
    /^No free stretch of wall takes Long bookcase \(.* in\): .+\. One that is .* in wide would go\.$/,
  );
  expect(add(niche, 'Bookcase', 'floor').note).toBeNull();
});

/** Whether a length is a whole number of parts of an inch, without the noise of binary fractions. */
const isPart = (mm: number, parts: number) => Math.abs((mm / 25.4) * parts - Math.round((mm / 25.4) * parts)) < 1e-5;

test('in a plan in feet new pieces and their seats stand at parts of an inch', () => {
  let plan = room;
  for (const title of ['Work table', 'Bookcase', 'Slim drawer unit', 'Tool caddy', 'Corner cabinet'])
    plan = having(plan, ...add(plan, title, 'floor').changes);
  const odd = Object.values(plan.units).filter((u) => u.turn % 90 === 0 && !(isPart(u.x, 64) && isPart(u.y, 64)));
  expect(odd.map((u) => u.name)).toEqual([]);
  const seats = Object.values(plan.stations);
  expect(seats.length).toBeGreaterThan(0);
  for (const s of seats) expect([s.x, s.y, s.seatHeight].map((mm) => isPart(mm, 16))).toEqual([true, true, true]);
});
