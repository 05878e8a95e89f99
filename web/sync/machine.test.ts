/**
 * Three windows and a server that loses requests and answers, fails, is full, ends sessions, is started again and gets backups
 * put back: in whatever order, every edit ends in the plan of all or is shown as refused, and no wrong plan is called saved.
 */
import fc from 'fast-check';
import { applyChanges, ChangeError, remove, set, type Change, type Group } from '@heronstone/core/model/change.ts';
import { emptyPlan, samePlan, type Plan } from '@heronstone/core/model/plan.ts';
import { having } from '@heronstone/testing/rooms.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { SimulatedServer, type Mood } from '@heronstone/testing/simulatedServer.ts';
import { ApiError, OfflineError } from './api.ts';
import { Keeper, type Shelf } from './keeper.ts';
import {
  after,
  isSaved,
  opened,
  seenBefore,
  type Answer,
  type Base,
  type Happened,
  type Request,
  type State,
  type Todo,
} from './machine.ts';
import { answerOf } from './serverAnswers.ts';

const PEOPLE = ['a', 'b', 'c', 'd'] as const;
const person = (id: string, stature = 1700): Change => set('people', id, { id, name: 'Maker', stature });
const start: Plan = having(emptyPlan({ id: 'p', name: 'Room' }), ...PEOPLE.map((id) => person(id)));
const REFUSED = '!';

/** What happens in a schedule, as often as it is named. */
const ACTIONS = [
  ...Array<'edit'>(8).fill('edit'),
  ...Array<'arrive'>(10).fill('arrive'),
  ...Array<'hear'>(10).fill('hear'),
  ...Array<'again'>(4).fill('again'),
  ...Array<'told'>(4).fill('told'),
  ...Array<'lose answer'>(3).fill('lose answer'),
  ...Array<'reload'>(2).fill('reload'),
  ...(['lose request', 'come late', 'mood', 'mood', 'mood', 'snapshot', 'restore'] as const),
  ...(['reload', 'close', 'open', 'take up', 'crash'] as const),
];
type What = (typeof ACTIONS)[number];
interface Action {
  what: What;
  who: number;
  n: number;
}
const MOODS: readonly Mood[] = ['fine', 'fine', 'fine', 'away', 'fails', 'full', 'code', 'read-only'];

class Shelves implements Shelf {
  private readonly all = new Map<string, string>();
  get length() {
    return this.all.size;
  }
  key = (i: number) => [...this.all.keys()][i] ?? null;
  getItem = (key: string) => this.all.get(key) ?? null;
  setItem = (key: string, text: string) => void this.all.set(key, text);
  removeItem = (key: string) => void this.all.delete(key);
}

interface Window {
  state: State | null;
  keeper: Keeper;
  device: string;
  request: { request: Request; body: string | null; answer: Answer | null } | null;
  /** What the server's stream has said and the window has not heard yet; null while the stream is broken. */
  stream: Array<{ epoch: string; revision: number }> | null;
  /** The newest that the window was told of. */
  heard: { epoch: string; revision: number } | null;
  said: string[];
}

/** The simulated server numbers its epochs. */
const isLater = (a: string, b: string) => Number(a.split('-')[1]) > Number(b.split('-')[1]);

class World {
  /** Pages are short, so that what was missed often comes in several. */
  readonly server = new SimulatedServer(start, 3);
  readonly shelf = new Shelves();
  readonly windows: Window[] = [];
  private noted = { epoch: '', revision: -1 };
  /** Requests that windows gave up and that are still on their way. */
  private late: string[] = [];
  /** Groups that were written by such a request. */
  readonly cameLate = new Set<string>();
  /** The plan at each revision of each epoch. */
  private readonly plans = new Map<string, Plan>();
  private snapshot = { plan: start, journal: [] as SimulatedServer['journal'] };
  readonly made = new Map<string, string>();
  /** Groups that once were in the journal, and whether a backup took them away since. */
  readonly written = new Set<string>();
  /** The plan that the browser saw last. */
  private seen: Base;
  private n = 0;
  time = 0;

  constructor() {
    this.server.refuses = (group) => (group.name.startsWith(REFUSED) ? 'It is refused.' : null);
    this.seen = { plan: start, revision: 0, epoch: this.server.epoch };
    this.windows = ['one', 'one', 'two'].map((device) => ({ ...this.newWindow(device), state: null }));
    this.note();
    for (const w of this.windows) this.open(w);
  }

  private newWindow(device: string): Omit<Window, 'state'> {
    const keeper = new Keeper(this.shelf, 'p', `${device}-${this.n++}`, () => this.time);
    return { keeper, device, request: null, stream: null, heard: null, said: [] };
  }

  /** Remembers what the server has now, and lets its streams say so: once, as the server does. */
  private note(): void {
    const { epoch, revision, plan, journal } = this.server;
    this.plans.set(`${epoch}/${revision}`, plan);
    for (const e of journal) this.written.add(e.group.id);
    if (this.noted.epoch === epoch && this.noted.revision === revision) return;
    this.noted = { epoch, revision };
    for (const w of this.windows) w.stream?.push(this.noted);
  }

  /** The window hears the next that its stream says; a broken one is begun again and says what is there now. */
  private hearStream(w: Window): void {
    if (!w.state || this.server.mood === 'away') return;
    w.stream ??= [{ epoch: this.server.epoch, revision: this.server.revision }];
    const told = w.stream.shift();
    if (!told) return;
    w.heard = told;
    this.tell(w, { kind: 'told', ...told });
  }

  private deliver(body: string | null, request: Request): Answer {
    const answered =
      request.kind === 'push'
        ? this.server.answer('changes', 'POST', body, 'test')
        : request.kind === 'missed'
          ? this.server.answer(`journal?since=${request.since}`)
          : this.server.answer(`plan?groups=${request.ids.join(',')}`);
    this.note();
    if (!answered) return answerOf(new OfflineError('away'));
    const { status, body: said } = answered;
    if (status === 200) {
      const kind = ({ push: 'written', missed: 'missed', open: 'opened' } as const)[request.kind];
      return { kind, ...said, last: this.server.journal.slice(-5) } as unknown as Answer;
    }
    const error = said.error as { code: string; message: string };
    const stale = said.epoch === undefined ? null : { ...said, entries: said.missed };
    return answerOf(new ApiError(status, error.code, error.message, [], stale as never));
  }

  private open(w: Window): void {
    const answer = this.deliver(null, { kind: 'open', ids: [] });
    w.state = answer.kind === 'opened' ? opened(w.device, answer) : seenBefore(w.device, this.seen);
    this.tell(w, { kind: 'again' });
    this.takeUp(w);
  }

  private takeUp(w: Window): void {
    const left = w.keeper.takeUp();
    if (left.waiting.length + left.refused.length > 0) this.tell(w, { kind: 'taken up', ...left });
  }

  /** Something happens in a window. */
  tell(w: Window, happened: Happened): void {
    if (!w.state) return;
    const { state, todo } = after(w.state, happened);
    w.state = state;
    for (const t of todo) this.do(w, t);
    if (isSaved(state)) {
      const { epoch, revision } = state.base;
      if (!samePlan(this.plans.get(`${epoch}/${revision}`)!, state.plan))
        throw new Error('A wrong plan is called saved.');
      const newer = w.heard && (w.heard.epoch === epoch ? w.heard.revision > revision : isLater(w.heard.epoch, epoch));
      if (newer) throw new Error('Called saved, though the window was told of a newer plan.');
      this.seen = state.base;
    }
  }

  private do(w: Window, todo: Todo): void {
    const state = w.state!;
    if (todo.kind === 'say') w.said.push(todo.text);
    if (todo.kind === 'keep') w.keeper.keep({ waiting: [...state.waiting, ...state.doubtful], refused: state.refused });
    if (todo.kind !== 'ask') return;
    const { request } = todo;
    const groups =
      request.kind === 'push' ? state.waiting.filter((x) => request.ids.includes(x.group.id)).map((x) => x.group) : [];
    const body =
      request.kind === 'push' ? JSON.stringify({ baseRevision: request.revision, epoch: request.epoch, groups }) : null;
    w.request = { request, body, answer: null };
  }

  edit(w: Window, n: number): void {
    if (!w.state) return;
    const id = `g${this.n++}`;
    const who = PEOPLE[n % PEOPLE.length]!;
    const changes: Change[] =
      n % 5 === 0
        ? [remove('people', who)]
        : n % 5 === 1
          ? [person(who, 1500 + n)]
          : [set('people', who, { name: `Name ${id}` })];
    const group: Group = { id, name: n % 11 === 0 ? `${REFUSED}${id}` : id, changes, kind: 'do', target: null };
    try {
      applyChanges(w.state.plan, changes);
    } catch (cause) {
      if (cause instanceof ChangeError) return;
      throw cause;
    }
    this.made.set(id, group.name);
    this.tell(w, { kind: 'edit', group, at: this.time });
  }

  act({ what, who, n }: Action): void {
    this.time += 1000;
    const w = this.windows[who]!;
    const r = w.request;
    const away: Answer = { kind: 'trouble', trouble: { kind: 'away', message: 'away' } };
    switch (what) {
      case 'edit':
        return this.edit(w, n);
      case 'arrive':
        if (r && !r.answer) r.answer = this.deliver(r.body, r.request);
        return;
      case 'hear':
        if (!r?.answer) return;
        w.request = null;
        return this.tell(w, { kind: 'answer', request: r.request, answer: r.answer });
      case 'lose request':
      case 'lose answer':
      case 'come late':
        if (!r) return;
        if (what === 'lose answer' && !r.answer) r.answer = this.deliver(r.body, r.request);
        if (what === 'come late' && r.body) this.late.push(r.body);
        w.request = null;
        return this.tell(w, { kind: 'answer', request: r.request, answer: away });
      case 'again': {
        const body = this.late.shift();
        const before = this.server.revision;
        if (body !== undefined) this.server.answer('changes', 'POST', body);
        for (const e of this.server.journal.slice(before)) this.cameLate.add(e.group.id);
        this.note();
        return this.tell(w, { kind: 'again' });
      }
      case 'told':
        return this.hearStream(w);
      case 'mood':
        this.server.mood = MOODS[n % MOODS.length]!;
        if (this.server.mood === 'away') for (const each of this.windows) each.stream = null;
        return;
      case 'snapshot':
        this.snapshot = { plan: this.server.plan, journal: [...this.server.journal] };
        return;
      case 'restore':
        this.server.restore(this.snapshot);
        return this.note();
      case 'close':
        w.keeper.close();
        w.state = null;
        return this.fresh(w);
      case 'crash':
        w.state = null;
        return this.fresh(w);
      case 'reload':
        w.keeper.close();
        w.state = null;
        this.fresh(w);
        return this.open(w);
      case 'open':
        if (!w.state) this.open(w);
        return;
      case 'take up':
        if (w.state) this.takeUp(w);
        return;
    }
  }

  private fresh(w: Window): void {
    if (w.request?.body) this.late.push(w.request.body);
    w.request = null;
    Object.assign(w, this.newWindow(w.device));
  }

  /** Everything works again, for as long as something is still to be done. */
  settle(): void {
    this.server.mood = 'fine';
    this.time += 1e9;
    // Who lives says so before it is taken for dead.
    for (const w of this.windows) if (w.state) w.keeper.beat();
    this.windows.forEach((_, who) => this.act({ what: 'open', who, n: 0 }));
    for (let round = 0; round < 400; round++) {
      for (let who = 0; who < 3; who++)
        for (const what of ['arrive', 'hear', 'again', 'take up', 'told'] as const) this.act({ what, who, n: 0 });
      const still = this.windows.every((w) => w.state && isSaved(w.state) && w.stream?.length === 0);
      if (round > 4 && this.late.length === 0 && still) return;
    }
    throw new Error(
      `It does not come to rest: ${JSON.stringify(this.windows.map((w) => [w.state?.busy, w.state?.waiting.length, w.state?.told, w.state?.base.revision]))}`,
    );
  }
}

const action = fc.record({ what: fc.constantFrom(...ACTIONS), who: fc.nat(2), n: fc.nat(300) });

test('property: every edit ends in the plan of all or is shown as refused, and no wrong plan is called saved', () => {
  let [edits, refused, restored] = [0, 0, 0];
  fc.assert(
    fc.property(fc.array(action, { minLength: 30, maxLength: 160, size: 'max' }), (actions) => {
      const world = new World();
      for (const a of actions) world.act(a);
      world.settle();
      const { server, windows } = world;
      for (const w of windows) expect(samePlan(w.state!.plan, server.plan)).toBe(true);
      const here = new Set(server.journal.map((e) => e.group.id));
      const shown = new Set(windows.flatMap((w) => w.state!.refused.map((r) => r.group.id)));
      for (const [id, name] of world.made) {
        // A backup that is put back takes away what was written since: that is what it is for.
        if (!here.has(id) && !shown.has(id) && !world.written.has(id)) throw new Error(`Lost: ${name}`);
        if (here.has(id) && shown.has(id) && !world.cameLate.has(id))
          throw new Error(`Shown as refused, and written: ${name}`);
        if (name.startsWith(REFUSED) && here.has(id)) throw new Error(`Written though refused: ${name}`);
        if (shown.has(id)) refused++;
        if (!here.has(id) && !shown.has(id)) restored++;
      }
      edits += world.made.size;
    }),
    { numRuns: runs(300, 60_000) },
  );
  // The schedules did what they are for.
  expect(edits).toBeGreaterThan(500);
  expect(Math.min(refused, restored)).toBeGreaterThan(runs(12, 25));
}, 600_000);
