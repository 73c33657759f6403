import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/sometype-mono';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Outlet, Route, Routes } from 'react-router';
import { CutList, WayIn } from './cut/CutList';
import { CutPage } from './cut/CutPage';
import { startShade } from './frame/dimShop';
import { fetchTheOthers, later } from './frame/later';
import { keepPage } from './offline/kept';
import { Gate } from './people/Gate';
import './style.css';

// The cut is what most open first: all else comes after it.
const BesidePage = later(() => import('./beside/BesidePage'), 'BesidePage');
const CribPage = later(() => import('./crib/CribPage'), 'CribPage');
const LabelsPage = later(() => import('./crib/LabelsPage'), 'LabelsPage');
const DrawersPage = later(() => import('./drawers/DrawersPage'), 'DrawersPage');
const GlossaryPage = later(() => import('./glossary/GlossaryPage'), 'GlossaryPage');
const JobPage = later(() => import('./jobs/JobPage'), 'JobPage');
const JobsPage = later(() => import('./jobs/JobsPage'), 'JobsPage');
const PlanPage = later(() => import('./jobs/PlanPage'), 'PlanPage');
const WeekPage = later(() => import('./jobs/WeekPage'), 'WeekPage');
const OwnerPage = later(() => import('./people/CodePages'), 'OwnerPage');
const ResetPage = later(() => import('./people/CodePages'), 'ResetPage');
const PairPage = later(() => import('./people/PairPage'), 'PairPage');
const PeoplePage = later(() => import('./people/PeoplePage'), 'PeoplePage');
const ShopPage = later(() => import('./shop/ShopPage'), 'ShopPage');
const StartPage = later(() => import('./start/StartPage'), 'StartPage');
const ToolPage = later(() => import('./tools/ToolPage'), 'ToolPage');

startShade();
const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, retryDelay: 400, refetchOnWindowFocus: false } },
});
const root = document.getElementById('root');
if (!root) throw new Error('The page has no root.');
// Painted once, in its own letters: words that change their width make the page jump. A slow line is not waited for.
const FONTS_AT_MOST_MS = 500;
await Promise.race([
  Promise.all(
    ['"Atkinson Hyperlegible Next Variable"', '"Sometype Mono Variable"'].map((name) =>
      document.fonts.load(`1em ${name}`),
    ),
  ),
  new Promise((go) => setTimeout(go, FONTS_AT_MOST_MS)),
]);
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Suspense>
          <Routes>
            <Route path="/pair" element={<PairPage />} />
            <Route path="/reset" element={<ResetPage />} />
            <Route path="/owner" element={<OwnerPage />} />
            <Route
              element={
                <Gate>
                  <Outlet />
                </Gate>
              }
            >
              <Route path="/" element={<WayIn to={(path) => <Navigate to={path} replace />} />} />
              <Route path="/start" element={<StartPage />} />
              <Route path="/cuts" element={<CutList />} />
              <Route path="/cut/:id" element={<Navigate to="cut" replace />} />
              <Route path="/cut/:id/:station" element={<CutPage />} />
              <Route path="/cut/:id/beside" element={<BesidePage />} />
              <Route path="/crib" element={<CribPage />} />
              <Route path="/crib/labels" element={<LabelsPage />} />
              <Route path="/crib/drawers" element={<DrawersPage />} />
              <Route path="/tools/:id" element={<ToolPage />} />
              <Route path="/jobs" element={<JobsPage />} />
              <Route path="/jobs/plan" element={<PlanPage />} />
              <Route path="/jobs/hours" element={<WeekPage />} />
              <Route path="/jobs/:id" element={<JobPage />} />
              <Route path="/people" element={<PeoplePage />} />
              <Route path="/shop" element={<ShopPage />} />
              <Route path="/words" element={<GlossaryPage />} />
              <Route path="*" element={<Navigate to="/" replace />} />
            </Route>
          </Routes>
        </Suspense>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
const AFTER_MS = 2500;
setTimeout(() => {
  keepPage();
  void fetchTheOthers();
}, AFTER_MS);
