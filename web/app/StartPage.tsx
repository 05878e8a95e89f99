/** The first page: continue a plan, create one, or open one from a file. */
import { useCallback, useEffect, useState } from 'react';
import { useNavigate, Link } from 'react-router';
import { api, ApiError } from '../sync/api.ts';
import { newId } from '../state/state.ts';
import { NewPlanForm } from './NewPlanForm.tsx';
import { PlanList } from './PlanList.tsx';
import { SampleRooms } from './SampleRooms.tsx';

type Plans = Awaited<ReturnType<typeof api.plans>>;

export function StartPage() {
  const navigate = useNavigate();
  const [plans, setPlans] = useState<Plans | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const fail = useCallback(
    (cause: unknown) =>
      setProblems(
        cause instanceof ApiError && cause.findings.length > 0
          ? cause.findings.slice(0, 6).map((f) => f.message)
          : [cause instanceof Error ? cause.message : String(cause)],
      ),
    [],
  );
  const look = useCallback(() => void api.plans().then(setPlans, fail), [fail]);
  useEffect(look, [look]);
  /** Makes a plan, and goes to its page. */
  const openNew = async (made: Promise<{ id: string }>, page: string) => {
    try {
      await navigate(`/plan/${(await made).id}/${page}`);
    } catch (cause) {
      fail(cause);
    }
  };
  return (
    <main className="mx-auto flex min-h-full max-w-3xl flex-col justify-center gap-6 p-8 max-md:p-5">
      <Welcome />
      {problems.length > 0 && (
        <div role="alert" className="rounded-lg border border-rust bg-leaf p-4">
          {problems.map((p) => (
            <p key={p}>{p}</p>
          ))}
        </div>
      )}
      {plans && <PlanList plans={plans} onChange={look} onFail={fail} />}
      <section aria-label="Start a plan" className="rounded-xl border border-line bg-leaf p-5">
        <h2 className="mb-3 text-lg">{plans?.length === 0 ? 'Start your first plan' : 'Start a new plan'}</h2>
        <NewPlanForm
          first={plans?.length === 0}
          onCreate={(plan) =>
            void openNew(api.create({ id: newId(), ...plan, start: { step: 0, crafts: [] } }), 'begin')
          }
        />
      </section>
      <SampleRooms onOpen={(key) => void openNew(api.openSample(key, newId()), 'place')} />
      <label className="w-fit cursor-pointer rounded-full border border-ink px-4 py-1.5 focus-within:outline-2 hover:bg-wash">
        Open a plan from a file
        <input
          type="file"
          accept=".json,application/json"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file)
              void openNew(
                file.text().then((text) => api.importFile(text, newId())),
                'place',
              );
          }}
        />
      </label>
    </main>
  );
}

/** The heron on its stone, and what the program is for. */
function Welcome() {
  return (
    <header className="flex items-center gap-6 max-md:flex-col max-md:items-start max-md:gap-2">
      <svg viewBox="-60 -40 120 80" className="w-36 shrink-0" aria-hidden="true">
        {[56, 42, 28].map((r, i) => (
          <ellipse key={r} rx={r} ry={r * 0.55} fill="none" stroke={`var(--w${4 - i})`} strokeWidth={1 + i * 0.5} />
        ))}
        <ellipse rx="13" ry="7" fill="var(--stone)" stroke="var(--ink)" />
        <path d="M-1 1V-11M3 1V-11" stroke="var(--ink)" strokeWidth="1" fill="none" />
        <path d="M14 -9C6 -8 -4 -9 -5 -15C-5 -19 -1 -21 3 -20C9 -19 12 -13 14 -9Z" fill="var(--w2)" />
        <path d="M-3 -17C-9 -22 1 -26 -4 -32" fill="none" stroke="var(--w1)" strokeWidth="2.6" strokeLinecap="round" />
        <path d="M-2 -34C-4 -36 -7 -35 -8 -33L-20 -30L-7 -30.5C-4 -30 -2 -31 -2 -34Z" fill="var(--w1)" />
        <path d="M-3 -34.5L6 -32" stroke="var(--w1)" strokeWidth="1" />
      </svg>
      <div>
        <h1 className="text-4xl">Heronstone</h1>
        <p className="mt-1 text-lg text-soft">Plan your craft room so that everything you need is within reach.</p>
        <Link to="/guide" className="mt-1 inline-block text-rust underline">
          Guide: your first evening
        </Link>
      </div>
    </header>
  );
}
