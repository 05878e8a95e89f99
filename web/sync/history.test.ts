import fc from 'fast-check';
import type { Group } from '@heronstone/core/model/change.ts';
import { afterGroup, nextStep, type History } from './history.ts';

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
  let h = afterGroup(afterGroup(empty, group('a'), [], true), group('b'), [], true);
  expect(ids(h)).toEqual([['a', 'b'], []]);
  h = afterGroup(h, group('u', 'undo', 'b'), [], true);
  expect(ids(h)).toEqual([['a'], ['b']]);
  h = afterGroup(h, group('r', 'redo', 'b'), [{ table: 'units', id: 'u', remove: true }], true);
  expect(ids(h)).toEqual([['a', 'b'], []]);
  expect(h.undo[1]!.inverse).toEqual([{ table: 'units', id: 'u', remove: true }]);
  h = afterGroup(afterGroup(h, group('u2', 'undo', 'b'), [], true), group('c'), [], true);
  expect(ids(h)).toEqual([['a', 'c'], []]);
});

test('an undo of something that is not there changes nothing', () => {
  expect(afterGroup(empty, group('u', 'undo', 'gone'), [], true)).toBe(empty);
});

test('property: no step is in both lists, and none is lost by undo and redo', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('do', 'undo', 'redo'), { maxLength: 40 }), (kinds) => {
      let h = empty;
      kinds.forEach((kind, i) => {
        const top = kind === 'undo' ? h.undo.at(-1) : h.redo.at(-1);
        const size = h.undo.length + h.redo.length;
        if (kind === 'do') h = afterGroup(h, group(`g${i}`), [], true);
        else if (top) {
          h = afterGroup(h, group(`g${i}`, kind as Group['kind'], top.id), [], true);
          expect(h.undo.length + h.redo.length).toBe(size);
        }
        const all = [...h.undo, ...h.redo].map((s) => s.id);
        expect(new Set(all).size).toBe(all.length);
      });
    }),
  );
});

test('a step of another device is no step of mine: mine comes next, theirs only when I have none', () => {
  let h = afterGroup(afterGroup(empty, group('mine'), [], true), group('theirs'), [], false);
  expect(nextStep(h.undo)?.id).toBe('mine');
  h = afterGroup(h, group('u', 'undo', 'mine'), [], true);
  expect([nextStep(h.undo)?.id, nextStep(h.redo)?.id]).toEqual(['theirs', 'mine']);
  // What they do does not take from me what I can bring again.
  h = afterGroup(h, group('more'), [], false);
  expect(ids(h)).toEqual([['theirs', 'more'], ['mine']]);
});
