/** While the start leads: what is next, how far the plan is, and the way there. */
import { Link } from 'react-router';
import { lackingFor } from '@heronstone/core/ask/firstPlan.ts';
import { setMeta } from '@heronstone/core/model/change.ts';
import { commit } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';

/** The questions of the start; behind them a first plan is made, and labels are left. */
const QUESTIONS = [
  'what you make',
  'how large the room is',
  'what furniture you have',
  'who works here',
  'what you own',
];

export function NextStrip() {
  const plan = useStore((s) => s.plan)!;
  const { start } = plan.meta;
  if (!start) return null;
  const base = `/plan/${plan.meta.id}`;
  const enough = lackingFor(plan).length === 0;
  const planned = Object.values(plan.placements).some((p) => p.arrangement === 'planned');
  const asked = QUESTIONS[start.step];
  return (
    <div
      role="region"
      aria-label="What is next"
      className="noprint flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-sand/60 px-6 py-1.5 max-md:px-4"
    >
      {asked !== undefined ? (
        <>
          <span>
            <b>Next:</b> {asked}{' '}
            <span className="text-soft">
              ({start.step + 1} of {QUESTIONS.length})
            </span>
          </span>
          <Way to={`${base}/begin`}>Continue setup</Way>
        </>
      ) : planned ? (
        <>
          <span>
            <b>Next:</b> look at it drawer by drawer, then print labels.
          </span>
          <Way to={`${base}/place`}>What goes where</Way>
          <Way to={`${base}/label`}>Labels</Way>
        </>
      ) : (
        <>
          <span>
            <b>Next:</b> the first plan.
          </span>
          <Way to={`${base}/begin`}>Make it</Way>
        </>
      )}
      {enough && !planned && <b>✓ Enough for a first plan</b>}
      <Button
        look="quiet"
        className="ml-auto"
        onClick={() => commit('Hide what is next', [setMeta(plan, { start: null })])}
      >
        Hide
      </Button>
    </div>
  );
}

function Way({ to, children }: { to: string; children: string }) {
  return (
    <Link to={to} className="flex min-h-7 items-center font-bold text-rust underline">
      {children}
    </Link>
  );
}
