import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/sometype-mono';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Outlet, Route, Routes } from 'react-router';
import { BesidePage } from './beside/BesidePage';
import { CribPage } from './crib/CribPage';
import { LabelsPage } from './crib/LabelsPage';
import { CutList, WayIn } from './cut/CutList';
import { CutPage } from './cut/CutPage';
import { startShade } from './frame/dimShop';
import { GlossaryPage } from './glossary/GlossaryPage';
import { JobPage } from './jobs/JobPage';
import { JobsPage } from './jobs/JobsPage';
import { PlanPage } from './jobs/PlanPage';
import { WeekPage } from './jobs/WeekPage';
import { OwnerPage, ResetPage } from './people/CodePages';
import { Gate } from './people/Gate';
import { PairPage } from './people/PairPage';
import { PeoplePage } from './people/PeoplePage';
import { ShopPage } from './shop/ShopPage';
import { ToolPage } from './tools/ToolPage';
import './style.css';

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
            <Route path="/cuts" element={<CutList />} />
            <Route path="/cut/:id" element={<Navigate to="cut" replace />} />
            <Route path="/cut/:id/:station" element={<CutPage />} />
            <Route path="/cut/:id/beside" element={<BesidePage />} />
            <Route path="/crib" element={<CribPage />} />
            <Route path="/crib/labels" element={<LabelsPage />} />
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
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
