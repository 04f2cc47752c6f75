import { Activity, lazy, Suspense, useEffect, useState } from 'react';
import { Navigate, NavLink, Outlet, Route, Routes, useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { AfterPaint } from './design/AfterPaint';
import { globalKeys, type Opened } from './commands/globalKeys';
import { useStore } from './workbook/store';
import { WorkbookCorner } from './workbook/WorkbookCorner';
import { BENCHES } from './benches/names';
import type { BenchName } from './workbook/model';
import { Bench, loadBench } from './benches/Bench';

const CommandList = lazy(() => import('./commands/CommandList'));
const KeyList = lazy(() => import('./commands/KeyList'));
const SchoolSheet = lazy(() => import('./design/SchoolSheet'));

const Shell = styled.div`
  display: grid;
  grid-template-columns: 10.25rem minmax(0, 1fr);
  height: 100vh;
  .contents {
    display: flex;
    flex-direction: column;
    background: var(--side);
    border-right: 1px solid var(--rule);
    overflow-y: auto;
  }
  .brand {
    font:
      600 1.4rem/3.75rem 'Source Serif 4',
      serif;
    padding-left: 1.1rem;
  }
  .contents ol {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .contents li a {
    display: grid;
    grid-template-columns: 1.55rem 1fr;
    padding: 0.45rem 1.1rem;
    color: var(--soft);
    text-decoration: none;
    border-left: 3px solid transparent;
    padding-left: calc(1.1rem - 3px);
  }
  .contents li a i {
    font-family: 'Source Serif 4', serif;
  }
  .contents li a[aria-current] {
    color: var(--ink);
    font-weight: 600;
    background: var(--ground);
    border-left-color: var(--mark);
  }
  .contents li a:hover {
    color: var(--ink);
  }
  @media (max-width: 860px) {
    display: block;
    height: auto;
    .contents {
      border-right: 0;
      border-bottom: 1px solid var(--rule);
    }
    .brand {
      line-height: 2.6rem;
    }
    .contents ol {
      display: flex;
      flex-wrap: wrap;
    }
    .contents li a {
      grid-template-columns: 1.1rem 1fr;
      padding: 0.35rem 0.7rem;
    }
  }
`;

const IDLE_MS = 1200;

/** The routes: one for each bench; the start goes to where the teacher left off. */
export function App() {
  const bench = useStore((state) => state.place.bench);
  return (
    <Routes>
      <Route element={<Layout />}>
        {BENCHES.map(({ path }) => (
          <Route key={path} path={path} element={null} />
        ))}
        <Route path="/" element={<Navigate to={`/${bench}`} replace />} />
        <Route path="*" element={<NoSuchPage />} />
      </Route>
    </Routes>
  );
}

function Layout() {
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const setPlace = useStore((state) => state.setPlace);
  const [opened, setOpened] = useState<Opened>(null);
  const current = BENCHES.find(({ path }) => path === pathname)?.name;
  // A bench that was gone to stays as it was left, out of sight.
  const [visited, setVisited] = useState<readonly BenchName[]>([]);
  if (current && !visited.includes(current)) setVisited([...visited, current]);

  useEffect(() => {
    const bench = BENCHES.find(({ path }) => path === pathname);
    document.title = bench ? `${bench.title} – Diatonix` : 'Diatonix';
    if (bench && useStore.getState().place.bench !== bench.name) setPlace({ bench: bench.name });
  }, [pathname, setPlace]);

  useEffect(() => globalKeys(setOpened), []);

  useEffect(() => {
    const timer = setTimeout(() => BENCHES.forEach(({ name }) => void loadBench(name)), IDLE_MS);
    return () => clearTimeout(timer);
  }, []);

  return (
    <Shell>
      <nav className="contents" aria-label="Benches">
        <div className="brand">Diatonix</div>
        <ol>
          {BENCHES.map(({ path, title }, index) => (
            <li key={path}>
              <NavLink to={path}>
                <i aria-hidden="true">{index + 1}</i>
                {title}
              </NavLink>
            </li>
          ))}
        </ol>
        <AfterPaint>
          <WorkbookCorner
            onCommands={() => setOpened('commands')}
            onKeys={() => setOpened('keys')}
            onLabels={() => setOpened('labels')}
          />
        </AfterPaint>
      </nav>
      <Suspense fallback={<main aria-busy="true" />}>
        {visited.map((name) => (
          <Activity key={name} mode={name === current ? 'visible' : 'hidden'}>
            <Bench name={name} />
          </Activity>
        ))}
        <Outlet />
      </Suspense>
      <Suspense fallback={null}>
        {opened === 'commands' && (
          <CommandList
            onClose={() => setOpened(null)}
            onGo={(path) => void navigate(path)}
            onKeys={() => setOpened('keys')}
            onLabels={() => setOpened('labels')}
          />
        )}
        {opened === 'labels' && <SchoolSheet onClose={() => setOpened(null)} />}
        {opened === 'keys' && <KeyList onClose={() => setOpened(null)} />}
      </Suspense>
    </Shell>
  );
}

function NoSuchPage() {
  const { pathname } = useLocation();
  return (
    <main style={{ padding: '2rem' }}>
      <h1>No such page</h1>
      <p>“{pathname}” is not a bench. The benches are listed at the left.</p>
    </main>
  );
}
