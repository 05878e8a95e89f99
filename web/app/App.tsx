/** The pages; each loads when it is opened. */
import { lazy, Suspense } from 'react';
import { useFocusKept } from '../ui/keepFocus.ts';
import { Navigate, Route, Routes } from 'react-router';

const StartPage = lazy(() => import('./StartPage.tsx').then((m) => ({ default: m.StartPage })));
const GuidePage = lazy(() => import('./GuidePage.tsx').then((m) => ({ default: m.GuidePage })));
const PlanPage = lazy(() => import('./PlanPage.tsx').then((m) => ({ default: m.PlanPage })));

export function App() {
  useFocusKept();
  return (
    <Suspense fallback={<p className="p-10 text-soft">Opening …</p>}>
      <Routes>
        <Route path="/" element={<StartPage />} />
        <Route path="/guide" element={<GuidePage />} />
        <Route path="/plan/:planId" element={<PlanPage />} />
        <Route path="/plan/:planId/:step" element={<PlanPage />} />
        <Route path="*" element={<Navigate to="/" replace />} />
      </Routes>
    </Suspense>
  );
}
