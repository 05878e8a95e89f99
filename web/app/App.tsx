import { useEffect, useState } from 'react';
import { Navigate, Route, Routes, useParams } from 'react-router';
import { openPlan, useStore } from '../state/store.ts';
import { ActivitiesStep } from '../steps/activities/ActivitiesStep.tsx';
import { FindStep } from '../steps/find/FindStep.tsx';
import { FurnishStep } from '../steps/furnish/FurnishStep.tsx';
import { KeepStep } from '../steps/keep/KeepStep.tsx';
import { LabelStep } from '../steps/label/LabelStep.tsx';
import { MeasureStep } from '../steps/measure/MeasureStep.tsx';
import { MoveStep } from '../steps/move/MoveStep.tsx';
import { PlaceStep } from '../steps/place/PlaceStep.tsx';
import { SortStep } from '../steps/sort/SortStep.tsx';
import { Shell } from './Shell.tsx';
import { StartPage } from './StartPage.tsx';

const STEP_PAGE = {
  measure: MeasureStep,
  activities: ActivitiesStep,
  sort: SortStep,
  furnish: FurnishStep,
  place: PlaceStep,
  move: MoveStep,
  label: LabelStep,
  find: FindStep,
  keep: KeepStep,
} as const;

export function App() {
  return (
    <Routes>
      <Route path="/" element={<StartPage />} />
      <Route path="/plan/:planId" element={<PlanPage />} />
      <Route path="/plan/:planId/:step" element={<PlanPage />} />
      <Route path="*" element={<Navigate to="/" replace />} />
    </Routes>
  );
}

/** Opens the plan of the address, then shows the step. */
function PlanPage() {
  const { planId = '', step } = useParams();
  const open = useStore((s) => s.planId === planId && s.plan !== null);
  const hasRoom = useStore((s) => Object.keys(s.plan?.corners ?? {}).length > 0);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    if (useStore.getState().planId !== planId)
      openPlan(planId).catch((cause: unknown) => setProblem(cause instanceof Error ? cause.message : String(cause)));
  }, [planId]);
  if (problem) {
    return (
      <main className="p-10">
        <h1 className="text-2xl">This plan cannot be opened</h1>
        <p className="my-2">{problem}</p>
        <a href="/" className="text-rust underline">
          To the start
        </a>
      </main>
    );
  }
  if (!open) return <main className="p-10 text-soft">Opening the plan …</main>;
  const Page = STEP_PAGE[step as keyof typeof STEP_PAGE];
  if (!Page) return <Navigate to={`/plan/${planId}/${hasRoom ? 'place' : 'measure'}`} replace />;
  return (
    <Shell step={step as keyof typeof STEP_PAGE}>
      <Page />
    </Shell>
  );
}
