/** A worker that answers, one that throws, and one that hangs. */
import { expose } from 'comlink';
import { Line, Stopped } from './workerLine.ts';

interface Worked {
  add(a: number, b: number): number;
  fail(): void;
  hang(): Promise<void>;
}
const worked: Worked = {
  add: (a, b) => a + b,
  fail: () => {
    throw new Error('out of memory');
  },
  hang: () => new Promise(() => {}),
};

/** A line to a worker that is a message channel; its ends are counted. */
function line(limit: number) {
  const counts = { started: 0, ended: 0 };
  const made = new Line<Worked>({
    start: () => {
      counts.started++;
      const { port1, port2 } = new MessageChannel();
      expose(worked, port2);
      return Object.assign(port1, { terminate: () => (port1.close(), void counts.ended++) }) as unknown as Worker;
    },
    limitOf: () => limit,
  });
  return { line: made, counts };
}

test('an answer comes, and an error is that of the worker', async () => {
  const { line: one, counts } = line(5_000);
  expect(await one.ask.add(2, 3)).toBe(5);
  await expect(one.ask.fail()).rejects.toThrow('out of memory');
  expect(one.pending()).toEqual([]);
  expect(counts).toEqual({ started: 1, ended: 0 });
  one.end();
});

test('a question that takes too long is given up, with those that wait behind it; the next starts another worker', async () => {
  const { line: one, counts } = line(50);
  let told = 0;
  one.onEnd(() => told++);
  const [hung, other] = [one.ask.hang(), one.ask.hang()];
  await expect(hung).rejects.toMatchObject({ name: 'Stopped', why: 'too long' });
  await expect(other).rejects.toMatchObject({ why: 'another' });
  expect([told, counts.ended]).toEqual([1, 1]);
  expect(await one.ask.add(1, 1)).toBe(2);
  expect(counts.started).toBe(2);
  one.end();
});

test('what waits is named since when, and can be stopped', async () => {
  const { line: one } = line(60_000);
  let changes = 0;
  const unhear = one.onChange(() => changes++);
  const hung = one.ask.hang();
  expect(one.pending()).toMatchObject([{ question: 'hang', since: expect.any(Number) }]);
  one.end();
  await expect(hung).rejects.toBeInstanceOf(Stopped);
  expect(one.pending()).toEqual([]);
  expect(changes).toBeGreaterThanOrEqual(2);
  unhear();
});
