/** Does what the state machine says: asks the server, waits, keeps, and tells those who look at the plan. */
import type { Group } from '@heronstone/core/model/change.ts';
import type { Keeper } from './keeper.ts';
import { after, type Answer, type Happened, type Request, type State, type Todo } from './machine.ts';

export interface Server {
  /** Never fails: what goes wrong is an answer, too. */
  ask(request: Request, groups: readonly Group[]): Promise<Answer>;
}

export interface Clock {
  now(): number;
  /** @returns what calls it off */
  in(ms: number, then: () => void): () => void;
}

interface Hears {
  changed(state: State): void;
  say(text: string, tone: 'note' | 'error'): void;
}

export class Sync {
  state: State;
  private readonly server: Server;
  private readonly keeper: Keeper;
  private readonly clock: Clock;
  private readonly hears: Hears;
  private unwait = () => {};
  private ended = false;

  constructor(state: State, server: Server, keeper: Keeper, clock: Clock, hears: Hears) {
    this.state = state;
    this.server = server;
    this.keeper = keeper;
    this.clock = clock;
    this.hears = hears;
  }

  /** Shows a group at once and sees to it that it is saved. @throws ChangeError when it cannot be made */
  edit(group: Group): void {
    this.happened({ kind: 'edit', group, at: this.clock.now() });
  }

  /** Takes over what closed windows left. */
  takeUp(): void {
    const left = this.keeper.takeUp();
    if (left.waiting.length + left.refused.length > 0) this.happened({ kind: 'taken up', ...left });
  }

  happened(what: Happened): void {
    if (this.ended) return;
    const { state, todo } = after(this.state, what);
    this.state = state;
    for (const t of todo) this.do(t);
    this.hears.changed(state);
  }

  /** Hears and does nothing more; what is not saved is kept. */
  end(): void {
    this.ended = true;
    this.unwait();
  }

  private do(todo: Todo): void {
    switch (todo.kind) {
      case 'ask': {
        const { request } = todo;
        const ids = new Set(request.kind === 'push' ? request.ids : []);
        const groups = this.state.waiting.filter((w) => ids.has(w.group.id)).map((w) => w.group);
        void this.server.ask(request, groups).then((answer) => this.happened({ kind: 'answer', request, answer }));
        return;
      }
      case 'wait':
        this.unwait();
        this.unwait = this.clock.in(todo.ms, () => this.happened({ kind: 'again' }));
        return;
      case 'keep':
        this.keeper.keep({
          waiting: [...this.state.waiting, ...this.state.doubtful],
          refused: this.state.refused,
        });
        return;
      case 'say':
        this.hears.say(todo.text, todo.tone);
    }
  }
}
