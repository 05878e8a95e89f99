/** The first page: continue a plan, create one, or open one from a file. */
import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate, Link } from 'react-router';
import { z } from 'zod';
import { MetaSchema } from '@heronstone/core/model/plan.ts';
import { api, ApiError } from '../sync/api.ts';
import { newId } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';

const UNNAMED = 'My craft room';
const UNITS = [
  ['centimetres', 'centimetres'],
  ['metric', 'millimetres'],
  ['imperial', 'feet and inches'],
] as const;

/** What a new plan needs: a name, as the plan has it, or the usual one, and in what one measures. */
const NewPlan = z.object({
  name: z
    .string()
    .transform((text) => text.trim() || UNNAMED)
    .pipe(MetaSchema.shape.name),
  units: MetaSchema.shape.units,
});

/** Where people measure in feet and inches, by the browser's language; elsewhere in millimetres, as furniture is sold. */
const usualUnits = (): 'imperial' | 'metric' => (/-(?:US|LR|MM)$/i.test(navigator.language) ? 'imperial' : 'metric');

export function StartPage() {
  const navigate = useNavigate();
  const [plans, setPlans] = useState<Array<{ id: string; name: string; room: string }> | null>(null);
  const form = useForm({
    resolver: zodResolver(NewPlan),
    defaultValues: { name: '', units: usualUnits() },
  });
  const wrong = form.formState.errors.name?.message;
  const [problems, setProblems] = useState<string[]>([]);
  const fail = (cause: unknown) =>
    setProblems(
      cause instanceof ApiError && cause.findings.length > 0
        ? cause.findings.slice(0, 6).map((f) => f.message)
        : [cause instanceof Error ? cause.message : String(cause)],
    );
  const { setFocus } = form;
  useEffect(() => {
    api.plans().then((found) => {
      setPlans(found);
      // Whoever has no plan yet begins to type.
      if (found.length === 0) setFocus('name');
    }, fail);
  }, [setFocus]);
  const begin = async (plan: z.output<typeof NewPlan>) => {
    try {
      const { id } = await api.create({ id: newId(), ...plan, start: { step: 0, crafts: [] } });
      await navigate(`/plan/${id}/begin`);
    } catch (cause) {
      fail(cause);
    }
  };
  const open = async (file: File) => {
    try {
      const { id } = await api.importFile(await file.text(), newId());
      await navigate(`/plan/${id}/place`);
    } catch (cause) {
      fail(cause);
    }
  };
  const openSample = async (key: string) => {
    try {
      const { id } = await api.openSample(key, newId());
      await navigate(`/plan/${id}/place`);
    } catch (cause) {
      fail(cause);
    }
  };
  return (
    <main className="mx-auto flex min-h-full max-w-3xl flex-col justify-center gap-6 p-8 max-md:p-5">
      <header className="flex items-center gap-6 max-md:flex-col max-md:items-start max-md:gap-2">
        <svg viewBox="-60 -40 120 80" className="w-36 shrink-0" aria-hidden="true">
          {[56, 42, 28].map((r, i) => (
            <ellipse key={r} rx={r} ry={r * 0.55} fill="none" stroke={`var(--w${4 - i})`} strokeWidth={1 + i * 0.5} />
          ))}
          <ellipse rx="13" ry="7" fill="var(--stone)" stroke="var(--ink)" />
          <path d="M-1 1V-11M3 1V-11" stroke="var(--ink)" strokeWidth="1" fill="none" />
          <path d="M14 -9C6 -8 -4 -9 -5 -15C-5 -19 -1 -21 3 -20C9 -19 12 -13 14 -9Z" fill="var(--w2)" />
          <path
            d="M-3 -17C-9 -22 1 -26 -4 -32"
            fill="none"
            stroke="var(--w1)"
            strokeWidth="2.6"
            strokeLinecap="round"
          />
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
      {problems.length > 0 && (
        <div role="alert" className="rounded-lg border border-rust bg-leaf p-4">
          {problems.map((p) => (
            <p key={p}>{p}</p>
          ))}
        </div>
      )}
      {plans && plans.length > 0 && (
        <section aria-label="Your plans">
          <h2 className="mb-2 text-lg">Continue a plan</h2>
          <ul className="grid gap-2 sm:grid-cols-2">
            {plans.map((plan) => (
              <li key={plan.id}>
                <Link
                  to={`/plan/${plan.id}`}
                  onClick={(e) => {
                    e.preventDefault();
                    void navigate(`/plan/${plan.id}`);
                  }}
                  className="block rounded-xl border border-line bg-leaf px-4 py-3 hover:border-ink"
                >
                  <span className="block font-bold">{plan.name}</span>
                  <span className="text-soft">{plan.room}</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Start a plan" className="rounded-xl border border-line bg-leaf p-5">
        <h2 className="mb-3 text-lg">{plans?.length === 0 ? 'Start your first plan' : 'Start a new plan'}</h2>
        <form className="flex flex-wrap items-end gap-4" onSubmit={(e) => void form.handleSubmit(begin)(e)}>
          <label className="min-w-0 grow">
            <span className="block text-soft">Name of the plan</span>
            <input
              {...form.register('name')}
              placeholder={UNNAMED}
              aria-invalid={wrong !== undefined}
              className="w-full rounded-md border border-line bg-paper px-2 py-1.5"
            />
            {wrong !== undefined && (
              <span role="alert" className="text-xs text-rust">
                {wrong}
              </span>
            )}
          </label>
          <fieldset className="flex flex-wrap gap-x-3 pb-1">
            <legend className="text-soft">I measure in</legend>
            {UNITS.map(([key, words]) => (
              <label key={key} className="flex items-center gap-1.5">
                <input type="radio" value={key} {...form.register('units')} />
                {words}
              </label>
            ))}
          </fieldset>
          <Button look="main" type="submit">
            Create plan
          </Button>
        </form>
      </section>
      <Samples onOpen={(key) => void openSample(key)} />
      <label className="w-fit cursor-pointer rounded-full border border-ink px-4 py-1.5 focus-within:outline-2 hover:bg-wash">
        Open a plan from a file
        <input
          type="file"
          accept=".json,application/json"
          className="sr-only"
          onChange={(e) => e.target.files?.[0] && void open(e.target.files[0])}
        />
      </label>
    </main>
  );
}

/** Rooms of others, made up: to look at, or to start from. */
function Samples({ onOpen }: { onOpen: (key: string) => void }) {
  const [rooms, setRooms] = useState<Awaited<ReturnType<typeof api.samples>>>([]);
  useEffect(() => {
    api.samples().then(setRooms, () => setRooms([]));
  }, []);
  if (rooms.length === 0) return null;
  return (
    <section aria-label="Sample rooms">
      <h2 className="text-lg">Or look at a sample room</h2>
      <p className="mb-2 text-soft">
        All made up. Each opens as a plan of your own that you can fill, change and throw away.
      </p>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {rooms.map((room) => (
          <li key={room.key}>
            <button
              type="button"
              onClick={() => onOpen(room.key)}
              className="block h-full w-full rounded-xl border border-line bg-leaf p-3 text-left hover:border-ink"
            >
              <img
                src={`/api/samples/${room.key}/picture`}
                alt=""
                className="h-28 w-full rounded-md bg-[#fffdf7] object-contain p-1"
              />
              <span className="mt-2 block font-bold">{room.name}</span>
              <span className="block text-xs text-soft">{room.words}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
