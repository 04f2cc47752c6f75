import { Menu as MenuIcon, Square } from 'lucide-react';
import { Activity, Suspense, useCallback, useEffect, useState } from 'react';
import { Navigate, NavLink, Outlet, Route, Routes, useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import type { Bench } from '../benches/bench';
import { Announcer } from './Announcer';
import { BENCHES, benchAt } from '../benches/register';
import { useClassroom } from '../classroom/store';
import { lazyAfterNotation } from '../notation/lazyAfterNotation';
import { stop, usePlayback } from '../sound/player';
import { BenchHost, loadOthers } from './BenchHost';
import { SHELL_DESK } from './desk';
import { globalKeys, type Opened } from './globalKeys';
import { part } from '../design/part';

const WorkbookCorner = lazyAfterNotation(() =>
  import('./WorkbookCorner').then((module) => module.WorkbookCorner),
);
const CommandList = part(() => import('./CommandList').then((module) => module.default));
const KeyList = part(() => import('./KeyList').then((module) => module.default));
const LabelsLeaf = part(() => import('./LabelsLeaf').then((module) => module.default));
const QuickPanel = part(() => import('../classroom/QuickPanel').then((module) => module.default));
const WorkbooksPage = part(() => import('./WorkbooksPage').then((module) => module.default));
const AboutPage = part(() => import('./AboutPage').then((module) => module.default));

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
  .foot {
    margin-top: auto;
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
  .place {
    min-width: 0;
    height: 100vh;
    outline: none;
  }
  .skip {
    position: absolute;
    z-index: 20;
    top: -4rem;
    left: 0.5rem;
    padding: 0.5rem 0.9rem;
    background: var(--sheet);
    border: 1px solid var(--mark);
    border-radius: 4px;
    color: var(--mark);
  }
  .skip:focus {
    top: 0.5rem;
  }
  .stop {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
    align-self: flex-start;
    min-height: 2rem;
    margin: 0.8rem 1.1rem;
    padding: 0.2rem 0.8rem;
    border: 1px solid var(--mark);
    border-radius: 4px;
    background: var(--mark-ground);
    color: var(--mark);
    font-weight: 600;
    cursor: pointer;
  }
  .stop svg {
    width: 0.9rem;
    height: 0.9rem;
  }
  .unfold {
    display: none;
  }
  /* On a telephone the frame folds to one line, so that the work is in the first screenful. */
  @media (max-width: 860px) {
    display: block;
    height: auto;
    .contents {
      flex-flow: row wrap;
      align-items: center;
      border-right: 0;
      border-bottom: 1px solid var(--rule);
      overflow: visible;
    }
    .brand {
      line-height: 2.5rem;
      padding-left: 1rem;
      font-size: 1.2rem;
    }
    .unfold {
      display: inline-flex;
      align-items: center;
      gap: 0.4rem;
      min-height: 2rem;
      order: 1;
      margin-left: auto;
      margin-right: 0.7rem;
      padding: 0.2rem 0.7rem;
      border: 1px solid var(--rule);
      border-radius: 4px;
      background: var(--sheet);
      color: var(--ink);
    }
    .unfold svg {
      width: 1rem;
      height: 1rem;
    }
    .stop {
      margin: 0 0 0 0.8rem;
    }
    .contents.folded ol,
    .contents.folded .foot {
      display: none;
    }
    .contents ol {
      display: flex;
      order: 2;
      flex: 1 0 100%;
      flex-wrap: wrap;
    }
    .contents li a {
      grid-template-columns: 1.1rem 1fr;
      padding: 0.45rem 0.7rem;
    }
    .foot {
      order: 3;
      flex: 1 0 100%;
    }
    .place {
      height: auto;
    }
  }
`;

const IDLE_MS = 1200;

/** The routes: one for each bench; the start goes to where the teacher left off. */
export function App() {
  return (
    <Routes>
      <Route element={<Layout />}>
        {BENCHES.map(({ path }) => (
          <Route key={path} path={path} element={null} />
        ))}
        <Route path="/workbooks" element={<WorkbooksPage />} />
        <Route path="/about" element={<AboutPage />} />
        <Route path="/" element={<Navigate to={lastPath()} replace />} />
        <Route path="*" element={<NoSuchPage />} />
      </Route>
    </Routes>
  );
}

/** The address of the bench that was left last. */
function lastPath(): string {
  const last = SHELL_DESK.get().bench;
  return (BENCHES.find(({ name }) => name === last) ?? BENCHES[0]!).path;
}

function Layout() {
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const [opened, setOpened] = useState<Opened>(null);
  const [folded, setFolded] = useState(true);
  const isAsked = useClassroom((state) => state.quick !== null);
  const current = benchAt(pathname);
  // A bench that was gone to stays as it was left, out of sight.
  const [visited, setVisited] = useState<readonly Bench[]>([]);
  if (current && !visited.includes(current)) setVisited([...visited, current]);

  useEffect(() => {
    setFolded(true);
    document.title = current ? `${current.title} – Diatonix` : 'Diatonix';
    if (current && SHELL_DESK.get().bench !== current.name) SHELL_DESK.set({ bench: current.name });
    // What sounds belongs to the bench that is left.
    return stop;
  }, [current]);

  useEffect(() => globalKeys(setOpened), []);
  const openCommands = useCallback(() => setOpened('commands'), []);
  const openKeys = useCallback(() => setOpened('keys'), []);
  const openLabels = useCallback(() => setOpened('labels'), []);

  useEffect(() => {
    const timer = setTimeout(loadOthers, IDLE_MS);
    return () => clearTimeout(timer);
  }, []);

  return (
    <Shell>
      <a className="skip" href="#work">
        Skip to the work
      </a>
      <nav className={`contents${folded ? ' folded' : ''}`} aria-label="Benches">
        <div className="brand">Diatonix</div>
        <button type="button" className="unfold" aria-expanded={!folded} onClick={() => setFolded(!folded)}>
          <MenuIcon aria-hidden="true" /> {current?.title ?? 'Benches'}
        </button>
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
        <StopButton />
        <div className="foot">
          <WorkbookCorner onCommands={openCommands} onKeys={openKeys} onLabels={openLabels} />
        </div>
      </nav>
      <div id="work" className="place" tabIndex={-1}>
        <Suspense fallback={<main aria-busy="true" />}>
          {visited.map((bench) => (
            <Activity key={bench.name} mode={bench === current ? 'visible' : 'hidden'}>
              <BenchHost bench={bench} />
            </Activity>
          ))}
          <Outlet />
        </Suspense>
      </div>
      <Announcer />
      <Suspense fallback={null}>
        {isAsked && <QuickPanel />}
        {opened === 'commands' && (
          <CommandList
            onClose={() => setOpened(null)}
            onGo={(path) => void navigate(path)}
            onKeys={() => setOpened('keys')}
            onLabels={() => setOpened('labels')}
          />
        )}
        {opened === 'labels' && <LabelsLeaf onClose={() => setOpened(null)} />}
        {opened === 'keys' && <KeyList onClose={() => setOpened(null)} />}
      </Suspense>
    </Shell>
  );
}

/** The one way to silence everything, in sight while something sounds. */
function StopButton() {
  const playing = usePlayback((state) => state.playing);
  if (!playing) return null;
  return (
    <button type="button" className="stop" onClick={stop}>
      <Square aria-hidden="true" /> Stop
    </button>
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
