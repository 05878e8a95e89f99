/** A plan, open at a step. */
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import type { WorkStep } from '@heronstone/core/report/evaluate.ts';
import { openPlan } from '../state/openPlan.ts';
import { useStore } from '../state/state.ts';
import { ApiError } from '../sync/api.ts';
import { CodeForm } from './CodeDialog.tsx';
import { LOOKING, Shell } from './Shell.tsx';
import { StepBoundary } from './StepBoundary.tsx';

/** Each step loads when it is opened. */
const STEP_PAGE = {
  measure: lazy(() => import('../steps/measure/MeasureStep.tsx').then((m) => ({ default: m.MeasureStep }))),
  activities: lazy(() => import('../steps/activities/ActivitiesStep.tsx').then((m) => ({ default: m.ActivitiesStep }))),
  sort: lazy(() => import('../steps/sort/SortStep.tsx').then((m) => ({ default: m.SortStep }))),
  furnish: lazy(() => import('../steps/furnish/FurnishStep.tsx').then((m) => ({ default: m.FurnishStep }))),
  zones: lazy(() => import('../steps/zones/ZonesStep.tsx').then((m) => ({ default: m.ZonesStep }))),
  place: lazy(() => import('../steps/place/PlaceStep.tsx').then((m) => ({ default: m.PlaceStep }))),
  move: lazy(() => import('../steps/move/MoveStep.tsx').then((m) => ({ default: m.MoveStep }))),
  label: lazy(() => import('../steps/label/LabelStep.tsx').then((m) => ({ default: m.LabelStep }))),
  find: lazy(() => import('../steps/find/FindStep.tsx').then((m) => ({ default: m.FindStep }))),
  keep: lazy(() => import('../steps/keep/KeepStep.tsx').then((m) => ({ default: m.KeepStep }))),
} as const;

/** The start that leads. */
const Begin = lazy(() => import('../steps/begin/BeginStep.tsx').then((m) => ({ default: m.BeginStep })));

/** Opens the plan of the address, then shows the step. */
export function PlanPage() {
  const { planId = '', step } = useParams();
  const open = useStore((s) => s.planId === planId && s.plan !== null);
  const hasRoom = useStore((s) => Object.keys(s.plan?.corners ?? {}).length > 0);
  const led = useStore(
    // Whoever has a plan already is not led again.
    (s) =>
      (s.plan?.meta.start?.step ?? Infinity) <= 5 &&
      !Object.values(s.plan!.placements).some((p) => p.arrangement === 'planned'),
  );
  const looks = useStore((s) => s.may === 'read');
  const [problem, setProblem] = useState<unknown>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (useStore.getState().planId !== planId) openPlan(planId).then(() => setProblem(null), setProblem);
  }, [planId, tries]);
  if (problem instanceof ApiError && problem.status === 401)
    return (
      <main className="mx-auto max-w-md p-8">
        <h1 className="mb-3 text-2xl">Let this device in again</h1>
        <CodeForm onIn={() => setTries((n) => n + 1)} />
      </main>
    );
  if (problem !== null) {
    return (
      <main className="p-10">
        <h1 className="text-2xl">This plan cannot be opened</h1>
        <p className="my-2">{problem instanceof Error ? problem.message : 'It cannot be read.'}</p>
        <Link to="/" className="text-rust underline">
          Back to your plans
        </Link>
      </main>
    );
  }
  if (!open) return <main className="p-10 text-soft">Opening the plan …</main>;
  if (looks && !LOOKING.includes(step as WorkStep)) return <Navigate to={`/plan/${planId}/find`} replace />;
  const Page = STEP_PAGE[step as keyof typeof STEP_PAGE];
  if (step === 'begin')
    return (
      <StepBoundary step="begin">
        <Suspense fallback={<p className="p-10 text-soft">Opening …</p>}>
          <Begin />
        </Suspense>
      </StepBoundary>
    );
  if (!Page) return <Navigate to={`/plan/${planId}/${led ? 'begin' : hasRoom ? 'place' : 'measure'}`} replace />;
  return (
    <Shell step={step as keyof typeof STEP_PAGE}>
      <StepBoundary step={step!}>
        <Suspense fallback={<p className="p-10 text-soft">Opening …</p>}>
          <Page />
        </Suspense>
      </StepBoundary>
    </Shell>
  );
}
