import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, HashRouter } from 'react-router';
import { benchAt, BENCHES } from './benches/register';
import { isLedHere } from './classroom/teacher/leaderTab';
import { GlobalStyle } from './design/GlobalStyle';
import { startDocuments } from './documents/persistence/start';
import { Shown } from './design/Shown';
import { App } from './shell/App';
import { startAppearance } from './shell/appearance';
import { loadBench } from './shell/BenchHost';
import { keepOffline } from './offline/keep';
import { startGlobalErrorHandlers } from './shell/globalErrorHandlers';
import { FallenPage, PageBoundary } from './shell/PageBoundary';

/** Pages on a server that only hands out files: the bench stands behind the #, and any path may lie before it. */
const arePages = import.meta.env.MODE === 'pages';
const Router = arePages ? HashRouter : BrowserRouter;
const asked = benchAt(arePages ? location.hash.slice(1) : location.pathname) ?? BENCHES[0]!;
startGlobalErrorHandlers();
const started = await Promise.all([startAppearance(), startDocuments(), loadBench(asked)]).then(
  ([, keepWork]) => ({ keepWork }),
  (error: unknown) => ({ error }),
);
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <GlobalStyle />
    {'error' in started ? (
      <FallenPage error={started.error} />
    ) : (
      <PageBoundary>
        <Router>
          <App />
        </Router>
        <Shown onShown={started.keepWork} />
      </PageBoundary>
    )}
  </StrictMode>,
);
keepOffline();
// A class that was led from this tab before it was loaded anew goes on.
if (isLedHere()) void import('./classroom/teacher/lead').then(({ resumeClass }) => resumeClass());
