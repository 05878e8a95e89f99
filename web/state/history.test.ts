import fc from 'fast-check';
import type { Group } from '@heronstone/core/model/change.ts';
import { afterGroup, type History } from './history.ts';

const group = (id: string, kind: Group['kind'] = 'do', target: string | null = null): Group => ({
  id,
  name: id,
  kind,
  target,
  changes: [{ table: 'units', id: 'u', set: { name: id } }],
});
const empty: History = { undo: [], redo: [] };
const ids = (h: History) => [h.undo.map((s) => s.id), h.redo.map((s) => s.id)];

test('undo moves a step over, redo brings it back, a new step clears what could be redone', () => {
  let h = afterGroup(afterGroup(empty, group('a'), []), group('b'), []);
  expect(ids(h)).toEqual([['a', 'b'], []]);
  h = afterGroup(h, group('u', 'undo', 'b'), []);
  expect(ids(h)).toEqual([['a'], ['b']]);
  h = afterGroup(h, group('r', 'redo', 'b'), [{ table: 'units', id: 'u', remove: true }]);
  expect(ids(h)).toEqual([['a', 'b'], []]);
  expect(h.undo[1]!.inverse).toEqual([{ table: 'units', id: 'u', remove: true }]);
  h = afterGroup(afterGroup(h, group('u2', 'undo', 'b'), []), group('c'), []);
  expect(ids(h)).toEqual([['a', 'c'], []]);
});

test('an undo of something that is not there changes nothing', () => {
  expect(afterGroup(empty, group('u', 'undo', 'gone'), [])).toBe(empty);
});

test('property: no step is in both lists, and none is lost by undo and redo', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('do', 'undo', 'redo'), { maxLength: 40 }), (kinds) => {
      let h = empty;
      kinds.forEach((kind, i) => {
        const top = kind === 'undo' ? h.undo.at(-1) : h.redo.at(-1);
        const size = h.undo.length + h.redo.length;
        if (kind === 'do') h = afterGroup(h, group(`g${i}`), []);
        else if (top) {
          h = afterGroup(h, group(`g${i}`, kind as Group['kind'], top.id), []);
          expect(h.undo.length + h.redo.length).toBe(size);
        }
        const all = [...h.undo, ...h.redo].map((s) => s.id);
        expect(new Set(all).size).toBe(all.length);
      });
    }),
  );
});
