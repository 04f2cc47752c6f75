import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { preloadBench } from './benches/load';
import { startAppearance } from './design/appearance';
import { GlobalStyle } from './design/GlobalStyle';
import { startWorkbook } from './workbook/start';

preloadBench(location.pathname);
await Promise.all([startAppearance(), startWorkbook()]);
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <GlobalStyle />
    <BrowserRouter>
      <App />
    </BrowserRouter>
  </StrictMode>,
);
