import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { remove, set, type Change, type Group } from '@heronstone/core/model/change.ts';
import { emptyPlan } from '@heronstone/core/model/plan.ts';
import { boxUnit, having, unitRow } from '@heronstone/testing/rooms.ts';
import { SimulatedServer } from '@heronstone/testing/simulatedServer.ts';

import.meta.jest.unstable_mockModule('./engine.ts', () => ({
  engine: { evaluate: (plan: Parameters<typeof evaluate>[0]) => Promise.resolve(evaluate(plan)) },
}));
/** What the browser keeps for the window. */
const kept = new Map<string, string>();
/** The stream by which the server tells of new revisions. */
let tell: (revision: number) => void = () => {};
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => void kept.set(key, text),
    removeItem: (key: string) => void kept.delete(key),
  },
  EventSource: class {
    addEventListener(_: string, hear: (event: { data: string }) => void) {
      tell = (revision) => hear({ data: JSON.stringify({ revision }) });
    }
    close() {}
  },
});
const { commit, notice, openPlan, preview, redo, select, selectAlso, undo, useStore } = await import('./store.ts');

const start = having(
  emptyPlan({ id: 'p', name: 'Room' }),
  unitRow(boxUnit('a', 500, 500, 400, 300)),
  unitRow(boxUnit('b', 1500, 500, 400, 300)),
);
let server: SimulatedServer;
const now = () => useStore.getState();
const named = (id: string) => now().plan!.units[id]?.name;
const rename = (id: string, name: string): Change[] => [set('units', id, { name })];
const group = (changes: Change[], id = 'other'): Group => ({
  id,
  name: 'Elsewhere',
  changes,
  kind: 'do',
  target: null,
});
/** Waits until something holds. */
async function until(holds: () => boolean, what: string): Promise<void> {
  for (let i = 0; i < 400; i++) {
    if (holds()) return;
    await new Promise((resume) => setTimeout(resume, 10));
  }
  throw new Error(`It did not come to this: ${what}`);
}
const saved = () => until(() => now().save === 'saved' && now().pending.length === 0, 'saved');

beforeEach(async () => {
  kept.clear();
  server = new SimulatedServer(start);
  globalThis.fetch = server.fetch as typeof fetch;
  await openPlan('p');
  useStore.setState({ notices: [] });
});

test('a change is shown at once, saved, undone and done again; the figures follow', async () => {
  expect(commit('Name it', rename('a', 'Chest'))).toBe(true);
  expect([named('a'), now().save]).toEqual(['Chest', 'saving']);
  await saved();
  expect(server.plan.units.a!.name).toBe('Chest');
  undo();
  expect(named('a')).toBe(start.units.a!.name);
  redo();
  await saved();
  expect([named('a'), server.plan.units.a!.name, server.revision]).toEqual(['Chest', 'Chest', 3]);
  await until(() => now().report?.plan === 'p', 'a report');
  expect(now().notices.map((n) => n.text)).toEqual(['Undone: Name it', 'Redone: Name it']);
});

test('what cannot be is refused with a word on the screen, and nothing is sent', () => {
  expect(commit('Too wide', [set('units', 'a', { width: -5 })])).toBe(false);
  expect(now().notices).toMatchObject([{ kind: 'error', text: expect.stringMatching(/^Too wide: /) as string }]);
  expect([now().plan, server.writes]).toEqual([start, 0]);
});

test('while the server is away everything is kept in the browser, and sent when it is back', async () => {
  server.away = true;
  commit('One', rename('a', 'One'));
  commit('Two', rename('b', 'Two'));
  await until(() => now().save === 'offline', 'offline');
  expect((JSON.parse([...kept.values()][0]!) as Group[]).map((g) => g.name)).toEqual(['One', 'Two']);
  server.away = false;
  // The window is opened anew: what it kept is there, and goes out.
  await openPlan('p');
  expect([named('a'), named('b')]).toEqual(['One', 'Two']);
  await saved();
  expect([server.plan.units.a!.name, server.plan.units.b!.name, kept.size]).toEqual(['One', 'Two', 0]);
});

test('what an earlier program kept is read in the words of today', async () => {
  kept.set(
    'heronstone.waiting.p',
    JSON.stringify([group([{ table: 'units', id: 'a', set: { locked: true } } as unknown as Change], 'old')]),
  );
  await openPlan('p');
  await saved();
  expect(server.plan.units.a!.pinned).toBe(true);
});

test('two windows at the same time: both keep what they did', async () => {
  server.write(group(rename('b', 'Theirs')));
  commit('Mine', rename('a', 'Mine'));
  await saved();
  expect([named('a'), named('b')]).toEqual(['Mine', 'Theirs']);
  expect(server.plan).toEqual(now().plan);
  tell(server.write(group(rename('b', 'Again'), 'later')).revision);
  await until(() => named('b') === 'Again', 'what the other window did');
});

test('a change that another window made void is named, and the rest stays', async () => {
  server.write(group([remove('units', 'b')]));
  server.away = true;
  commit('Late', rename('b', 'Late'));
  commit('Mine', rename('a', 'Mine'));
  await until(() => now().save === 'offline', 'offline');
  server.away = false;
  await until(() => now().pending.length === 0, 'nothing is waiting');
  expect(
    now()
      .notices.map((n) => n.text)
      .join(),
  ).toContain('“Late” no longer applies');
  expect([server.plan.units.a!.name, server.plan.units.b]).toEqual(['Mine', undefined]);
  expect(now().plan).toEqual(server.plan);
});

test('a preview is shown and leaves no trace', async () => {
  preview(rename('a', 'Tried'));
  expect(now().preview!.units.a!.name).toBe('Tried');
  preview(null);
  expect([now().preview, named('a'), server.writes]).toEqual([null, start.units.a!.name, 0]);
  await Promise.resolve();
});

test('several are chosen one by one, and taken out again', () => {
  selectAlso('a');
  selectAlso('b');
  expect([now().selected, now().also]).toEqual([{ kind: 'unit', id: 'a' }, ['b']]);
  selectAlso('a');
  expect([now().selected, now().also]).toEqual([{ kind: 'unit', id: 'b' }, []]);
  selectAlso('b');
  expect(now().selected).toBeNull();
  select({ kind: 'unit', id: 'a' });
  expect(now().also).toEqual([]);
});

test('no more than four messages stand over each other', () => {
  for (let i = 1; i <= 6; i++) notice(`Message ${i}`);
  expect(now().notices.map((n) => n.text)).toEqual(['Message 3', 'Message 4', 'Message 5', 'Message 6']);
});
