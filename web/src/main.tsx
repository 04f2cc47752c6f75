import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
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

const asked = benchAt(location.pathname) ?? BENCHES[0]!;
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
        <BrowserRouter>
          <App />
        </BrowserRouter>
        <Shown onShown={started.keepWork} />
      </PageBoundary>
    )}
  </StrictMode>,
);
keepOffline();
// A class that was led from this tab before it was loaded anew goes on.
if (isLedHere()) void import('./classroom/teacher/lead').then(({ resumeClass }) => resumeClass());
