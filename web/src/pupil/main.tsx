import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { GlobalStyle } from '../design/GlobalStyle';
import { arePages } from '../offline/arePages';
import { keepOffline } from '../offline/keep';
import { PupilPage } from './PupilPage';
import { startClasswork } from './classwork';
import { startWork } from './work';

await startWork();
// Pages on a server that only hands out files have no class.
if (!arePages()) startClasswork();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <GlobalStyle />
    <PupilPage />
  </StrictMode>,
);
keepOffline();
