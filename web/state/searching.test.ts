import { emptyPlan, type Placement, type Plan } from '@heronstone/core/model/plan.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { boxUnit, having, unitRow } from '@heronstone/testing/rooms.ts';
import { SimulatedBrowser } from '@heronstone/testing/browser.ts';
import { SimulatedServer } from '@heronstone/testing/simulatedServer.ts';
import type { Filling } from '../engine/solver.worker.ts';

/** What a search is asked, and how it ends: each test says. */
interface Asked {
  plan: Plan;
  start: Placement[] | null;
  show: (filling: Filling) => void;
  end: (found: { changes: Change[]; placements?: Placement[]; ended?: string; unplaced?: unknown[] }) => void;
  fail: (cause: Error) => void;
}
let asked: Asked[] = [];
let cancels = 0;
let ends = 0;
const solver = {
  solve: (plan: Plan, _seed: number, _task: unknown, start: Placement[] | null, show: Asked['show']) =>
    new Promise((done, fail) => {
      asked.push({ plan, start, show, end: (found) => done({ placements: [], unplaced: [], ...found }), fail });
    }),
  ways: () => Promise.reject(new Error('no memory')),
  cancel: () => Promise.resolve(void cancels++),
};
import.meta.jest.unstable_mockModule('../engine/client.ts', () => ({
  engine: { open: () => new Promise(() => {}), apply: () => new Promise(() => {}) },
  engineLine: { onEnd: () => {}, end: () => {} },
  solver,
  solverLine: { end: () => void ends++ },
  bounder: { bound: () => Promise.resolve(90) },
}));
const server = new SimulatedServer(emptyPlan({ id: 'p' }));
new SimulatedBrowser().install();
Object.assign(globalThis, { fetch: server.fetch });
const { closePlan, commit, openPlan } = await import('./openPlan.ts');
const { useStore } = await import('./state.ts');
const { boundFor, cancelSearch, fillRoom, lookAtWays, useSearching } = await import('./searching.ts');

const plan = having(emptyPlan({ id: 'p' }), unitRow(boxUnit('a', 500, 500, 400, 300)));
const named = (name: string): Change[] => [set('units', 'a', { name })];
const filling = (more: Partial<Filling>): Filling =>
  ({ phase: 'improving', share: 0.5, seconds: 100, out: 0, changes: null, ...more }) as Filling;
const said = () => useStore.getState().notices.map((n) => n.text);
const soon = () => new Promise((resume) => setTimeout(resume, 0));

afterAll(() => closePlan());
beforeEach(async () => {
  asked = [];
  cancels = 0;
  server.restore({ plan, journal: [] });
  await openPlan('p');
  useStore.setState({ notices: [], preview: null });
});

test('the best so far is shown, then made as one change with a word about it', async () => {
  const ended = fillRoom({ kind: 'room' });
  asked[0]!.show(filling({ changes: named('Tried') }));
  expect(useStore.getState().preview!.units.a!.name).toBe('Tried');
  expect(useSearching.getState()).toMatchObject({ running: 'fill', share: expect.closeTo(0.6, 9) as number });
  await soon();
  expect(boundFor(useStore.getState().plan, useSearching.getState().bound)).toBe(90);
  asked[0]!.end({ changes: named('Found'), unplaced: [{}] });
  await ended;
  expect(useStore.getState().plan!.units.a!.name).toBe('Found');
  expect(useStore.getState().history.undo.at(-1)!.name).toBe('Fill the room');
  expect(said()).toEqual(['The room is filled. 1 supply has none; the list says why.']);
  expect(useSearching.getState()).toMatchObject({ running: null, filling: null });
});

test('a plan that changes meanwhile: the search begins again from the best it had', async () => {
  const ended = fillRoom({ kind: 'room' });
  commit('Name it', named('Mine'));
  expect(cancels).toBe(1);
  const best = [{ id: 'x' }] as unknown as Placement[];
  asked[0]!.end({ changes: named('Old'), placements: best, ended: 'stopped' });
  await soon();
  expect(asked[1]).toMatchObject({ start: best });
  expect(asked[1]!.plan.units.a!.name).toBe('Mine');
  asked[1]!.end({ changes: [set('units', 'a', { width: 500 })] });
  await ended;
  expect(useStore.getState().plan!.units.a).toMatchObject({ name: 'Mine', width: 500 });
});

test('stopped by hand it keeps the best, and says so; nothing better is said, too', async () => {
  const ended = fillRoom({ kind: 'new' });
  cancelSearch();
  asked[0]!.end({ changes: [], ended: 'stopped' });
  await ended;
  expect(said()).toEqual(['Stopped; this is the best so far. Everything is where it should be already.']);
});

test('one search at a time; one that fails says why and makes room for the next', async () => {
  const ended = fillRoom({ kind: 'room' });
  await fillRoom({ kind: 'new' });
  expect(asked.length).toBe(1);
  asked[0]!.fail(new Error('the worker stopped'));
  await ended;
  await lookAtWays();
  expect(said()).toEqual(['The room could not be filled: the worker stopped', 'The search failed: no memory']);
  expect(useSearching.getState().running).toBeNull();
});

test('the bound is said as long as furniture and things are those it was worked out for', () => {
  const bound = { plan, minutes: 90 };
  expect(boundFor(plan, null)).toBeNull();
  expect(boundFor(plan, bound)).toBe(90);
  expect(boundFor({ ...plan, placements: {} }, bound)).toBe(90);
  expect(boundFor(having(plan, ...named('Other')), bound)).toBeNull();
});
