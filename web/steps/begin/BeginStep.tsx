/**
 * The start that leads: what is made, the room, its furniture, who works there, what is owned; then a first plan. Every answer
 * is one change, so that it can be taken back, and every question can be skipped; whoever leaves goes on where it was.
 */
import { useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { seatsForCrafts } from '@heronstone/core/entry/craftSeats.ts';
import { usesForAll } from '@heronstone/core/entry/useChanges.ts';
import { KNOWN } from '@heronstone/library/known.ts';
import { keepInUsualHolders } from '@heronstone/core/entry/usualHolders.ts';
import { standOutChanges } from '@heronstone/core/entry/standOut.ts';
import { applyChanges, setMeta, type Change } from '@heronstone/core/model/change.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { commit, redo, undo } from '../../state/openPlan.ts';
import { fillRoom } from '../../state/searching.ts';
import { newId, setArrangement, useStore } from '../../state/state.ts';
import { solverLine } from '../../engine/client.ts';
import { Waiting } from '../../parts/Waiting.tsx';
import { SaveState } from '../../parts/SaveState.tsx';
import { Messages } from '../../parts/Messages.tsx';
import { isTyping } from '../../ui/keys.ts';
import { Button } from '../../ui/Button.tsx';
import { useNarrow } from '../../ui/narrow.ts';
import type { Question } from './question.ts';
import { CraftsQuestion } from './CraftsQuestion.tsx';
import { FurnitureQuestion } from './FurnitureQuestion.tsx';
import { Ready } from './Ready.tsx';
import { RoomQuestion } from './RoomQuestion.tsx';
import { ThingsQuestion } from './ThingsQuestion.tsx';
import { WhereItHappens } from './WhereItHappens.tsx';
import { WhoQuestion } from './WhoQuestion.tsx';

const QUESTIONS = [
  ['What do you make?', CraftsQuestion],
  ['How large is the room?', RoomQuestion],
  ['What furniture do you have?', FurnitureQuestion],
  ['Who works here?', WhoQuestion],
  ['What do you own?', ThingsQuestion],
] as const;

/** At which question the things are told: the room beside it is small then. */
const THINGS = QUESTIONS.length - 1;
/** Behind the last question: a first plan is made. */
const ANSWERED = QUESTIONS.length + 1;

export function BeginStep() {
  const plan = useStore((s) => s.plan)!;
  const canUndo = useStore((s) => s.history.undo.length > 0);
  const navigate = useNavigate();
  const start = plan.meta.start ?? { step: QUESTIONS.length, crafts: [] };
  const step = Math.min(start.step, QUESTIONS.length);
  const hasRoom = Object.keys(plan.corners).length >= 3;
  const narrow = useNarrow();
  useEffect(() => {
    document.title = `Setup · ${plan.meta.name} · Heronstone`;
    // So that the first answer does not wait for the worker to start.
    solverLine.warm();
  }, [plan.meta.name]);
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || isTyping(event.target)) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, []);
  const to = (next: number, crafts = start.crafts): Change => setMeta(plan, { start: { step: next, crafts } });
  const answer: Question['answer'] = (what, changes, crafts) => commit(what, [...changes, to(step + 1, crafts)]);
  const leave = async () => {
    await navigate(`/plan/${plan.meta.id}/${hasRoom ? 'furnish' : 'measure'}`);
  };
  const first = async (loose: ReadonlySet<string>) => {
    const said = [...usesForAll(plan, KNOWN, newId), ...seatsForCrafts(plan, KNOWN, newId)];
    said.push(...standOutChanges(applyChanges(plan, said).plan, newId));
    said.push(...keepInUsualHolders(applyChanges(plan, said).plan, KNOWN, newId, loose));
    commit('The questions are answered', [...said, to(ANSWERED)]);
    setArrangement('planned');
    await navigate(`/plan/${plan.meta.id}/place`);
    void fillRoom({ kind: 'room' });
  };
  const [title, Asked] = QUESTIONS[step] ?? ['Enough for a first plan', null];
  return (
    <div className="flex h-full flex-col">
      <header className="flex h-14 shrink-0 items-center justify-between gap-4 border-b border-line px-6 max-md:px-4">
        <Link to="/" className="font-serif text-xl font-semibold">
          Heronstone
        </Link>
        <Stones at={step} onGo={(n) => commit('Go back to a question', [to(n)])} />
        <span className="flex items-center gap-3">
          <SaveState />
          <Button look="quiet" disabled={!canUndo} onClick={undo}>
            Undo
          </Button>
          <Link to="/guide" target="_blank" className="underline max-md:hidden">
            Guide
          </Link>
          <Button look="quiet" onClick={() => void leave()}>
            Exit setup
          </Button>
        </span>
      </header>
      <main id="main" className="relative flex min-h-0 grow flex-col" tabIndex={-1}>
        <Waiting />
        <div className="relative flex min-h-0 grow max-md:flex-col">
          <section
            aria-labelledby="question"
            className={`relative flex shrink-0 flex-col px-8 py-6 max-md:w-full max-md:px-4 md:overflow-y-auto ${step >= THINGS ? 'w-[52rem]' : 'w-[32rem]'}`}
          >
            <p className="text-soft" role="status">
              {step < QUESTIONS.length ? `Question ${step + 1} of ${QUESTIONS.length}` : 'All questions are answered.'}
            </p>
            <h1 id="question" className="mb-3 text-3xl">
              {title}
            </h1>
            {Asked ? (
              <>
                <Asked key={step} answer={answer} />
                <div className="mt-3 flex gap-2">
                  {step > 0 && (
                    <Button look="quiet" onClick={() => commit('Go back to a question', [to(step - 1)])}>
                      Back
                    </Button>
                  )}
                  <Button look="quiet" onClick={() => commit(`Skip: ${title}`, [to(step + 1)])}>
                    Skip this
                  </Button>
                </div>
              </>
            ) : (
              <Ready onFirst={(loose) => void first(loose)} onBack={(n) => commit('Go back to a question', [to(n)])} />
            )}
            <Messages grows="down" className="mt-4 min-h-10 shrink-0" />
          </section>
          <div
            className={`flex min-h-0 min-w-0 grow flex-col bg-sand/40 p-6 max-md:order-first max-md:shrink-0 max-md:grow-0 max-md:p-2 ${hasRoom ? 'max-md:h-44' : 'max-md:hidden'}`}
          >
            {step >= THINGS - 1 && <WhereItHappens />}
            {hasRoom ? (
              <div className="relative min-h-0 grow">
                <FromAbove editable={!narrow} small={narrow} rings={false} />
              </div>
            ) : (
              <p className="grid h-full place-items-center text-center text-soft">
                Your room is drawn here as you answer.
              </p>
            )}
          </div>
        </div>
      </main>
    </div>
  );
}

/** The questions as stones, those behind as the way back. */
function Stones({ at, onGo }: { at: number; onGo: (n: number) => void }) {
  const words = ['Crafts', 'Room', 'Furniture', 'You', 'Things', 'First plan'];
  return (
    <nav aria-label="Setup" className="flex items-center gap-1.5 max-lg:hidden">
      {words.map((word, n) => (
        <button
          key={word}
          type="button"
          disabled={n >= at}
          aria-current={n === at ? 'step' : undefined}
          onClick={() => onGo(n)}
          className={`stone px-3 py-1 ${n === at ? 'bg-deep font-bold text-ondeep' : n < at ? 'bg-sand hover:bg-stone' : 'bg-sand opacity-60'}`}
        >
          {word}
        </button>
      ))}
    </nav>
  );
}
