import { mapFor, once, remembered } from './memo.ts';

test('work is done once for each object, also where it comes to nothing', () => {
  let times = 0;
  const work = once((key: { n: number }) => (times++, key.n > 1 ? key.n : undefined));
  const [one, two] = [{ n: 1 }, { n: 2 }];
  expect([work(one), work(one), work(two), work(two)]).toEqual([undefined, undefined, 2, 2]);
  expect(times).toBe(2);
});

test('by a name, each object has its own', () => {
  const maps = mapFor<object, number | null>();
  const [a, b] = [{}, {}];
  let times = 0;
  const ask = (key: object) => remembered(maps(key), 'x', () => (times++, null));
  expect([ask(a), ask(a), ask(b)]).toEqual([null, null, null]);
  expect(times).toBe(2);
});
