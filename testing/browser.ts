/** What the window's program asks of a browser, for tests that run without one: storage, the server's stream, events. */

/** A browser with nothing kept in it. */
export class SimulatedBrowser {
  /** What is kept, by key. */
  readonly kept = new Map<string, string>();
  private hears: Array<(event: { data: string }) => void> = [];

  /** Makes this the browser of the test. */
  install(): this {
    const { kept } = this;
    const hears = (hear: (event: { data: string }) => void) => this.hears.push(hear);
    Object.assign(globalThis, {
      localStorage: {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, text: string) => void kept.set(key, text),
        removeItem: (key: string) => void kept.delete(key),
        key: (i: number) => [...kept.keys()][i] ?? null,
        get length() {
          return kept.size;
        },
      },
      EventSource: class {
        addEventListener(name: string, hear: (event: { data: string }) => void) {
          if (name === 'revision') hears(hear);
        }
        close() {}
      },
      addEventListener: () => {},
      removeEventListener: () => {},
    });
    return this;
  }

  /** The server's stream says this to the plan that is open. */
  tell(told: { epoch: string; revision: number }): void {
    this.hears.at(-1)?.({ data: JSON.stringify(told) });
  }
}
