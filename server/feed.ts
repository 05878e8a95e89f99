/** Who listens to what becomes of a plan: open answers (server-sent events) that are told each new revision. */
import type { Response } from 'express';

/** How often something is sent, ms, so that nothing on the way takes the line for dead. */
const BEAT = 20_000;

interface Listener {
  plan: string;
  /** The guest who listens; null on this machine. */
  guest: string | null;
  response: Response;
}

export interface Now {
  epoch: string;
  revision: number;
}

export class Feed {
  private readonly listeners = new Set<Listener>();

  /**
   * Keeps an answer open and tells it what is new, beginning with how it is now.
   * @param stays asked at each beat; the line is ended when it says no
   */
  listen(plan: string, guest: string | null, now: Now, response: Response, stays: () => boolean = () => true): void {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
    });
    response.write(`retry: 1000\n${event(now)}`);
    const listener: Listener = { plan, guest, response };
    this.listeners.add(listener);
    const beat = setInterval(() => (stays() ? response.write(': still here\n\n') : response.end()), BEAT);
    response.on('close', () => {
      clearInterval(beat);
      this.listeners.delete(listener);
    });
  }

  tell(plan: string, now: Now): void {
    for (const l of this.listeners) if (l.plan === plan) l.response.write(event(now));
  }

  /** Ends the lines of a guest, or of all guests. */
  end(guest?: string): void {
    for (const l of this.listeners)
      if (l.guest !== null && (guest === undefined || l.guest === guest)) l.response.end();
  }
}

const event = (now: Now) => `event: revision\ndata: ${JSON.stringify(now)}\n\n`;
