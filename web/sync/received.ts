/** The server's word on new revisions, for as long as a plan is open; asked for again when the line is cut. */

interface Told {
  epoch: string;
  revision: number;
}

/** How long until a line that the server refused is asked for again, ms. */
const AGAIN = 5_000;

/** @returns what ends it */
export function listen(plan: string, hear: (told: Told) => void): () => void {
  let line: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    line = new EventSource(`/api/plans/${plan}/events`);
    line.addEventListener('revision', (event) => hear(JSON.parse((event as MessageEvent<string>).data) as Told));
    line.addEventListener('error', () => {
      // A line that is merely cut comes back by itself; one that was refused (the session is over) does not.
      if (line?.readyState !== EventSource.CLOSED) return;
      clearTimeout(timer);
      timer = setTimeout(open, AGAIN);
    });
  };
  open();
  return () => {
    clearTimeout(timer);
    line?.close();
  };
}
