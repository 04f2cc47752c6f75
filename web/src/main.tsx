import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { loadBench } from './benches/Bench';
import { BENCHES } from './benches/names';
import { startAppearance } from './design/appearance';
import { GlobalStyle } from './design/GlobalStyle';
import { startWorkbook } from './workbook/start';

const asked = BENCHES.find(({ path }) => path === location.pathname) ?? BENCHES[0]!;
await Promise.all([startAppearance(), startWorkbook(), loadBench(asked.name)]);
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <GlobalStyle />
    <BrowserRouter>
      <App />
    </BrowserRouter>
  </StrictMode>,
);
