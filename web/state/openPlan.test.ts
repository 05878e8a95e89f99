import { Replica } from '@heronstone/core/report/replica.ts';
import { remove, set, type Change, type Group } from '@heronstone/core/model/change.ts';
import { emptyPlan } from '@heronstone/core/model/plan.ts';
import { boxUnit, having, unitRow } from '@heronstone/testing/rooms.ts';
import { SimulatedBrowser } from '@heronstone/testing/browser.ts';
import { SimulatedServer } from '@heronstone/testing/simulatedServer.ts';

/** The engine without a worker; it can be made to break. */
const replica = new Replica();
let breaks = false;
let hangs = false;
const answer = <T>(work: () => T): Promise<T> =>
  hangs
    ? new Promise(() => {})
    : breaks
      ? Promise.reject(new Error('out of memory'))
      : new Promise((done) => setTimeout(() => done(work()), 0));
const replicaEngine = () => ({
  open: (plan: Parameters<Replica['open']>[0]) => answer(() => replica.open(plan)),
  apply: (difference: Parameters<Replica['apply']>[0]) => answer(() => replica.apply(difference)),
  quickCheck: (difference: Parameters<Replica['quickCheck']>[0]) => answer(() => replica.quickCheck(difference)),
});
import.meta.jest.unstable_mockModule('../engine/client.ts', () => ({
  engine: replicaEngine(),
  engineLine: { onEnd: () => {}, end: () => {} },
}));
const browser = new SimulatedBrowser().install();
const { kept } = browser;
/** The stream by which the server tells of new revisions. */
const tell = (revision: number) => browser.tell({ epoch: server.epoch, revision });
/** The names of the steps that the browser keeps for a plan, of all windows. */
const waitingIn = (plan: string) =>
  [...kept]
    .filter(([key]) => key.startsWith(`heronstone.window.${plan}.`))
    .flatMap(([, text]) => (JSON.parse(text) as { waiting: Array<{ group: Group }> }).waiting.map((w) => w.group.name));
const { preview, previewMove } = await import('./figures.ts');
const { closePlan, commit, dismissRefused, openPlan, redo, retryRefused, takeStep, tryAgain, undo, undoStep } =
  await import('./openPlan.ts');
const { notice, select, selectAlso, useStore } = await import('./state.ts');

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
const saved = () => until(() => now().saving.kind === 'saved', 'saved');

afterAll(() => closePlan());
beforeEach(async () => {
  closePlan();
  kept.clear();
  server = new SimulatedServer(start);
  globalThis.fetch = server.fetch as typeof fetch;
  await openPlan('p');
  useStore.setState({ notices: [] });
});

test('a change is shown at once, saved, undone and done again; the figures follow', async () => {
  expect(commit('Name it', rename('a', 'Chest'))).toBe(true);
  expect([named('a'), now().saving.kind]).toEqual(['Chest', 'saving']);
  await saved();
  expect(server.plan.units.a!.name).toBe('Chest');
  undo();
  expect(named('a')).toBe(start.units.a!.name);
  redo();
  await saved();
  expect([named('a'), server.plan.units.a!.name, server.revision]).toEqual(['Chest', 'Chest', 3]);
  await until(() => now().report?.plan === 'p', 'a report');
  expect(now().notices.map((n) => n.text)).toEqual(['Redone: Name it']);
});

test('what cannot be is refused with a word on the screen, and nothing is sent', () => {
  expect(commit('Too wide', [set('units', 'a', { width: -5 })])).toBe(false);
  expect(now().notices).toMatchObject([{ kind: 'error', text: expect.stringMatching(/^Too wide: /) as string }]);
  expect([now().plan, server.writes]).toEqual([start, 0]);
});

test('while the server is away everything is kept in the browser, and sent when it is back', async () => {
  server.mood = 'away';
  commit('One', rename('a', 'One'));
  commit('Two', rename('b', 'Two'));
  await until(() => now().saving.kind === 'away', 'away');
  expect(waitingIn('p')).toEqual(['One', 'Two']);
  server.mood = 'fine';
  // The window is opened again: what it kept is there, and goes out.
  await openPlan('p');
  await saved();
  expect([named('a'), named('b')]).toEqual(['One', 'Two']);
  expect([server.plan.units.a!.name, server.plan.units.b!.name, waitingIn('p')]).toEqual(['One', 'Two', []]);
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
  server.mood = 'away';
  commit('Late', rename('b', 'Late'));
  commit('Mine', rename('a', 'Mine'));
  await until(() => now().saving.kind === 'away', 'away');
  server.mood = 'fine';
  await until(() => now().saving.count === 0, 'nothing is waiting');
  expect(
    now()
      .notices.map((n) => n.text)
      .join(),
  ).toContain('“Late” could not be saved: it no longer applies');
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

test('a note takes the place of the one before; an error stays', () => {
  notice('Trouble', 'error');
  for (let i = 1; i <= 3; i++) notice(`Message ${i}`);
  expect(now().notices.map((n) => n.text)).toEqual(['Trouble', 'Message 3']);
});

test('what fails for any other reason than what is in it stays, and is sent when it works again', async () => {
  for (const mood of ['fails', 'full', 'code', 'read-only'] as const) {
    server.mood = mood;
    commit('Mine', rename('a', mood));
    await until(() => !['saved', 'saving'].includes(now().saving.kind), mood);
    expect(now().saving).toMatchObject({ count: 1, since: expect.any(Number) as number, keeps: true });
    expect([named('a'), waitingIn('p')]).toEqual([mood, ['Mine']]);
    server.mood = 'fine';
    tryAgain();
    await saved();
    expect(server.plan.units.a!.name).toBe(mood);
  }
});

test('what the server refuses is set aside with its reason, can be sent again or discarded, and its undo is gone', async () => {
  server.refuses = (g) => (g.name === 'Odd' ? 'Too odd.' : null);
  commit('Fine', rename('b', 'Fine'));
  commit('Odd', rename('a', 'Odd'));
  await until(() => now().refused.length === 1, 'refused');
  await saved();
  expect([named('a'), named('b'), now().refused[0]!.why]).toEqual([start.units.a!.name, 'Fine', 'Too odd.']);
  expect(now().history.undo.map((step) => step.name)).toEqual(['Fine']);
  server.refuses = () => null;
  retryRefused(now().refused[0]!.group.id);
  await saved();
  expect([server.plan.units.a!.name, now().refused]).toEqual(['Odd', []]);
  server.refuses = () => 'Never.';
  commit('Never', rename('a', 'Never'));
  await until(() => now().refused.length === 1, 'refused');
  dismissRefused(now().refused[0]!.group.id);
  expect(now().refused).toEqual([]);
});

test('undo takes back the own last step; a step of another device is named first', async () => {
  commit('Mine', rename('a', 'Mine'));
  await saved();
  tell(server.write(group(rename('b', 'Theirs')), 'device-two').revision);
  await until(() => named('b') === 'Theirs', 'what the other device did');
  undo();
  expect([named('a'), named('b'), now().asking]).toEqual([start.units.a!.name, 'Theirs', null]);
  undo();
  expect([named('b'), now().asking?.step.name]).toEqual(['Theirs', 'Elsewhere']);
  takeStep('undo', now().asking!.step);
  await saved();
  expect(server.plan.units.b!.name).toBe(start.units.b!.name);
});

test('a backup that was put back is shown, with a word about it; what waits is sent to it', async () => {
  commit('One', rename('a', 'One'));
  await saved();
  server.restore({ plan: start, journal: [] });
  tell(0);
  await until(() => named('a') === start.units.a!.name, 'the plan of the backup');
  await saved();
  expect(now().notices.at(-1)!.text).toMatch(/replaced by one from a backup/);
  expect(now().history.undo).toEqual([]);
});

test('who may only look changes nothing', () => {
  useStore.setState({ may: 'read' });
  expect(commit('Mine', rename('a', 'Mine'))).toBe(false);
  expect([named('a'), now().notices.at(-1)!.text]).toEqual([
    start.units.a!.name,
    'This device may look, but not change anything.',
  ]);
  useStore.setState({ may: 'all' });
});

test('what is removed is said with what goes along, and the message takes it back', async () => {
  const { removeRows } = await import('./removing.ts');
  commit('Things', [
    set('supplies', 's', {
      id: 's',
      name: 'Pens',
      category: '',
      form: 'pieces',
      count: 2,
      length: 140,
      width: 10,
      thickness: 10,
      grammage: null,
      mass: 12,
      orientations: ['flat'],
      goesBack: true,
      note: '',
    }),
    set('placements', 'p', {
      id: 'p',
      supply: 's',
      unit: 'a',
      slot: 'd1',
      count: 2,
      arrangement: 'planned',
      orientation: null,
      pinned: false,
    }),
  ]);
  expect(removeRows('Desk drawers', 'units', ['a'])).toBe(true);
  const { text, step } = now().notices.at(-1)!;
  expect(text).toBe('Removed Desk drawers, with the places of 1 supply.');
  expect(now().plan!.placements).toEqual({});
  commit('Another', rename('b', 'Mine'));
  undoStep(step!);
  expect([Object.keys(now().plan!.placements), named('b')]).toEqual([['p'], 'Mine']);
  // Taken back already: nothing more happens.
  const before = now().plan;
  undoStep(step!);
  expect(now().plan).toBe(before);
});

test('an engine that breaks is said and started again, and the figures come with the next change', async () => {
  await until(() => now().report !== null, 'figures');
  breaks = true;
  commit('Mine', rename('a', 'Mine'));
  await until(() => now().notices.some((n) => n.text.includes('out of memory')), 'a word about it');
  breaks = false;
  commit('Wider', [set('units', 'a', { width: 450 })]);
  await until(() => now().engineHas === now().plan, 'the engine has the plan');
  expect(now().report!.units.a).toBeDefined();
});

test('another plan is opened before the first has its figures: it gets its own', async () => {
  hangs = true;
  await openPlan('p');
  commit('Mine', rename('a', 'Mine'));
  hangs = false;
  await openPlan('p');
  await until(() => now().report !== null && now().engineHas === now().plan, 'figures');
});

test('while a unit is moved by hand its findings come at once, its figures when the hand rests, and both go back when it is let go', async () => {
  await until(() => now().report !== null && now().engineHas === now().plan, 'figures');
  const before = now().report!;
  const onTop = (f: { code: string }) => f.code === 'overlap';
  expect(before.findings.some(onTop)).toBe(false);
  previewMove([set('units', 'a', { x: 1490, y: 500 })]);
  await until(() => now().report!.findings.some(onTop), 'the finding of the quick check');
  expect(now().report!.compartments).toBe(before.compartments);
  await until(() => now().engineHas === now().preview, 'figures of what rests');
  expect(now().report!.findings.some(onTop)).toBe(true);
  previewMove([set('units', 'a', { x: 1480, y: 500 })]);
  preview(null);
  await until(() => now().engineHas === now().plan, 'figures of what is stored');
  expect(now().report!.findings).toEqual(before.findings);
  // Made before the hand rests: the figures come, and what was found in passing stays until then.
  previewMove([set('units', 'a', { x: 1490, y: 500 })]);
  await until(() => now().report!.findings.some(onTop), 'the finding of the quick check');
  commit('Move a', [set('units', 'a', { x: 1490, y: 500 })]);
  expect(now().report!.findings.some(onTop)).toBe(true);
  await until(() => now().engineHas === now().plan, 'figures of what was made');
  expect(now().report!.findings.some(onTop)).toBe(true);
});
