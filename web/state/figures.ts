/** The figures of the plan that is shown: the newest plan wins, and none is evaluated twice. */
import { applyChanges, ChangeError, type Change } from '@heronstone/core/model/change.ts';
import { differenceOf } from '@heronstone/core/model/difference.ts';
import { FIGURES, sameFor } from '@heronstone/core/model/reads.ts';
import { whyChanged } from '@heronstone/core/report/whyChanged.ts';
import { patched } from '@heronstone/core/report/patch.ts';
import type { Report } from '@heronstone/core/report/report.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { engine, engineLine } from '../engine/client.ts';
import { Stopped } from '../engine/workerLine.ts';
import { notice, useStore } from './state.ts';

const get = useStore.getState;
const put = useStore.setState;

/** The plan that the engine has, or is on its way to. */
let sent: Plan | null = null;
let busy = false;
/** Rises with each engine that is started; what another one was asked is not waited for. */
let run = 0;
/** The plan with which the engine stopped; it is not tried with that one again. */
let broke: Plan | null = null;
/** The Report of the plan that the engine has; what is shown has other findings while something is being moved. */
let figures: Report | null = null;
/** What is being moved: only its findings are wanted until the hand rests. */
let moving: Plan | null = null;
let checked: Plan | null = null;
let checking = false;
let rest: ReturnType<typeof setTimeout> | undefined;
/** How long a hand that rests has not moved, ms. */
const REST = 250;

/** Has the plan that is shown worked out, unless it is or was already. */
export function evaluateNow(): void {
  const plan = get().preview ?? get().plan;
  if (plan !== null && plan === moving && sent !== null) return quickCheck(plan, sent);
  if (busy || !plan || plan === sent || plan === broke) return;
  const begun = performance.now();
  const mine = run;
  const opens = sent === null;
  // What no figure reads changes none: the engine is told, and nothing waits for it.
  const untouched = sent !== null && sameFor(FIGURES, sent, plan);
  const work = sent === null ? engine.open(plan) : engine.apply(differenceOf(sent, plan));
  busy = !untouched;
  sent = plan;
  const measured = () => performance.measure('heronstone figures', { start: begun, detail: { opens } });
  if (untouched) measured();
  void work
    .then((patch) => {
      if (mine !== run) return;
      const report = patched(opens ? null : figures, patch);
      figures = report;
      put((s) => ({ report, answered: s.answered + 1, engineHas: plan, outOfDate: false }));
      if (plan === get().plan) sayWhy({ plan, report });
      if (!untouched) measured();
    })
    .catch((cause: unknown) => {
      if (mine !== run) return;
      // Given up because of another question: these figures are asked for again.
      const again = cause instanceof Stopped && cause.why === 'another';
      startAgain(again ? null : plan);
      if (again) return;
      put({ outOfDate: true });
      notice(
        `The figures could not be worked out, and the part of the program that does so is started again: ${cause instanceof Error ? cause.message : String(cause)}`,
        'error',
      );
    })
    .finally(() => {
      if (mine === run) busy = false;
      evaluateNow();
    });
}

/** How long what follows a change waits for its figures, ms: longer would be noticed. */
const TOGETHER = 120;
/** Goes on when the figures of the plan that is shown are there, so that all is drawn at once and true; soon in any case. */
export function withFigures(then: () => void): void {
  const { plan } = get();
  let unhear = () => {};
  const timer = setTimeout(end, TOGETHER);
  function end() {
    unhear();
    clearTimeout(timer);
    then();
  }
  unhear = useStore.subscribe((s, before) => {
    if (s.engineHas !== before.engineHas && s.engineHas === plan) end();
  });
}

/** Shows at once what the room is found to be while something in it is being moved. */
function quickCheck(plan: Plan, from: Plan): void {
  if (checking || plan === checked) return;
  const mine = run;
  checking = true;
  checked = plan;
  engine
    .quickCheck(differenceOf(from, plan))
    .then((seen) => {
      if (mine === run && moving !== null && figures) put({ report: { ...figures, ...seen } });
    })
    .catch(() => {
      // An engine that stopped says so when the hand rests.
    })
    .finally(() => {
      if (mine !== run) return;
      checking = false;
      evaluateNow();
    });
}

/** The last plan whose figures were shown, previews apart: with it the next is compared. */
let settled: { plan: Plan; report: Report } | null = null;
function sayWhy(now: { plan: Plan; report: Report }): void {
  put({ weekWhy: settled ? whyChanged(settled, now) : '' });
  settled = now;
}

/** Works out the figures once more that were given up. */
export function tryFigures(): void {
  broke = null;
  evaluateNow();
}

// An engine that was ended because of any question knows no plan any more.
engineLine.onEnd(() => {
  if (sent === null || busy) return;
  startAgain(null);
  evaluateNow();
});

/** The engine was ended, or is another plan's: it opens the next plan whole. */
function startAgain(after: Plan | null): void {
  run++;
  busy = false;
  checking = false;
  broke = after;
  sent = null;
  figures = null;
}

/** Shows a plan with changes that are not made yet; null ends it. */
export function preview(changes: Change[] | null): void {
  endMoving();
  if (get().preview !== null) backToFigures();
  show(changes);
  evaluateNow();
}

/** The same while a hand moves something in the room: what it is found to be at once, its figures when the hand rests. */
export function previewMove(changes: Change[]): void {
  endMoving();
  show(changes);
  moving = get().preview;
  rest = setTimeout(() => {
    endMoving();
    evaluateNow();
  }, REST);
  evaluateNow();
}

function show(changes: Change[] | null): void {
  const { plan } = get();
  if (!plan) return;
  try {
    put({ preview: changes && applyChanges(plan, changes).plan });
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
  }
}

/** Nothing is moved by hand any more. */
export function endMoving(): void {
  clearTimeout(rest);
  moving = null;
}

/** Shows the figures of the plan that the engine has again, after something was tried out. */
export const backToFigures = () => put({ report: figures });

/** Another plan is opened: the engine begins again. */
export function forgetPlan(): void {
  if (sent === null) return;
  startAgain(null);
  settled = null;
  engineLine.end();
}
