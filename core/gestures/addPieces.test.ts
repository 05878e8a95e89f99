import { unitTypes } from '@heronstone/library/inInches.ts';
import { having, rectangle } from '@heronstone/testing/rooms.ts';
import { evaluate } from '../report/evaluate.ts';
import { addPieces, copyPiece } from './addPieces.ts';

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
