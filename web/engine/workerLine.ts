/** A line to a worker: each question has a limit, all can be stopped, and a worker that hangs is ended and started again. */
import { wrap, type Remote } from 'comlink';

/** A question that is not answered yet. */
export interface Pending {
  question: string;
  /** When it was asked, ms. */
  since: number;
}

/** A question was given up: it took too long, it was stopped, or the worker was ended because of another one. */
export class Stopped extends Error {
  readonly why: 'too long' | 'stopped' | 'another';
  constructor(why: Stopped['why'], question: string, limit: number) {
    super(
      why === 'too long'
        ? `It took longer than ${Math.round(limit / 1000)} s and was given up.`
        : why === 'stopped'
          ? 'It was stopped.'
          : `The worker was started again while “${question}” was waiting.`,
    );
    this.name = 'Stopped';
    this.why = why;
  }
}

interface Open extends Pending {
  fail: (cause: Stopped) => void;
  limit: number;
}

export interface LineOptions {
  /** Starts the worker; called when it is first wanted, and after an end. */
  start: () => Worker;
  /** How long a question may take, ms. */
  limitOf: (question: string) => number;
  now?: () => number;
}

export class Line<T> {
  private readonly options: LineOptions;
  private running: { worker: Worker; remote: Remote<T> } | null = null;
  private readonly open = new Set<Open>();
  private readonly hearers = new Set<() => void>();
  private readonly endHearers = new Set<() => void>();
  /** Every question of the worker, asked through this line. */
  readonly ask: Remote<T>;

  constructor(options: LineOptions) {
    this.options = options;
    this.ask = new Proxy(
      {},
      {
        get: (_, question) =>
          typeof question === 'string' ? (...args: unknown[]) => this.put(question, args) : undefined,
      },
    ) as Remote<T>;
  }

  /** What waits for an answer, oldest first. */
  pending(): Pending[] {
    return [...this.open].map(({ question, since }) => ({ question, since }));
  }

  /** @param hear is told whenever a question is asked or answered @returns what ends it */
  onChange(hear: () => void): () => void {
    this.hearers.add(hear);
    return () => this.hearers.delete(hear);
  }

  /** @param hear is told when the worker was ended, so that whoever told it something tells it again */
  onEnd(hear: () => void): void {
    this.endHearers.add(hear);
  }

  /** Starts the worker before it is asked anything. */
  warm(): void {
    this.remote();
  }

  /** Ends the worker; what waits is given up. The next question starts another. */
  end(why: Stopped['why'] = 'stopped', culprit: Open | null = null): void {
    this.running?.worker.terminate();
    this.running = null;
    const all = [...this.open];
    this.open.clear();
    for (const o of all) o.fail(new Stopped(culprit === null || o === culprit ? why : 'another', o.question, o.limit));
    this.changed();
    for (const hear of this.endHearers) hear();
  }

  private remote(): Remote<T> {
    if (!this.running) {
      const worker = this.options.start();
      this.running = { worker, remote: wrap<T>(worker) };
    }
    return this.running.remote;
  }

  private put(question: string, args: unknown[]): Promise<unknown> {
    const { limitOf, now = Date.now } = this.options;
    const limit = limitOf(question);
    return new Promise((resolve, reject) => {
      const open: Open = { question, since: now(), limit, fail: reject };
      this.open.add(open);
      this.changed();
      const late = Number.isFinite(limit)
        ? setTimeout(() => this.open.has(open) && this.end('too long', open), limit)
        : undefined;
      const done = () => {
        clearTimeout(late);
        if (this.open.delete(open)) this.changed();
      };
      const asked = (this.remote() as unknown as Record<string, (...a: unknown[]) => Promise<unknown>>)[question]!;
      asked(...args)
        .then(resolve, reject)
        .finally(done);
    });
  }

  private changed(): void {
    for (const hear of this.hearers) hear();
  }
}
