import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { benchAt, BENCHES } from './benches/register';
import { GlobalStyle } from './design/GlobalStyle';
import { startDocuments } from './documents/start';
import { App } from './shell/App';
import { startAppearance } from './shell/appearance';
import { loadBench } from './shell/BenchHost';

const asked = benchAt(location.pathname) ?? BENCHES[0]!;
// A bench that does not load says so in its place.
await Promise.all([startAppearance(), startDocuments(), loadBench(asked).catch(() => undefined)]);
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <GlobalStyle />
    <BrowserRouter>
      <App />
    </BrowserRouter>
  </StrictMode>,
);
