import { PlainButton } from '../design/PlainButton';
import { Menu as MenuIcon, Square } from 'lucide-react';
import { Activity, Suspense, useCallback, useEffect, useState } from 'react';
import { Link, Navigate, NavLink, Outlet, Route, Routes, useLocation, useNavigate } from 'react-router';
import type { Bench } from '../benches/bench';
import { Announcer } from './Announcer';
import { BENCHES, benchAt } from '../benches/register';
import { useClassroom } from '../classroom/teacher/store';
import { useDocuments } from '../documents/store/store';
import { lazyAfterNotation } from '../notation/lazyAfterNotation';
import { stop, usePlayback } from '../sound/player';
import { BenchHost, loadOthers, savesData } from './BenchHost';
import { SHELL_DESK } from './desk';
import { Shell } from './ShellStyle';
import { globalKeys, type OpenedByKey } from './globalKeys';
import { part } from '../design/part';

const WorkbookCorner = lazyAfterNotation(() =>
  import('./WorkbookCorner').then((module) => module.WorkbookCorner),
);
const PhoneCorner = lazyAfterNotation(() => import('./WorkbookCorner').then((module) => module.PhoneCorner));
const FileOpening = lazyAfterNotation(() => import('./FileOpening').then((module) => module.FileOpening));
const CommandList = part(() => import('./CommandList').then((module) => module.default));
const KeyList = part(() => import('./KeyList').then((module) => module.default));
const LabelsLeaf = part(() => import('./LabelsLeaf').then((module) => module.default));
const QuickPanel = part(() =>
  import('../classroom/teacher/ClassQuestionPanel').then((module) => module.default),
);
const WorkbooksPage = part(() => import('./WorkbooksPage').then((module) => module.default));
const AboutPage = part(() => import('./AboutPage').then((module) => module.default));
const ClashNote = part(() => import('./ClashNote').then((module) => module.default));

/** The focus goes where the work of a bench begins; fetched beside the bench itself. */
const arrive = () => void import('../design/arrive').then(({ arriveAtBench }) => arriveAtBench());

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
  const [opened, setOpened] = useState<OpenedByKey>(null);
  const [folded, setFolded] = useState(true);
  const isAsked = useClassroom((state) => state.quick !== null);
  const isClash = useDocuments((state) => state.clashes.length > 0);
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

  useEffect(arrive, [current]);
  useEffect(() => globalKeys(setOpened), []);
  const openCommands = useCallback(() => setOpened('commands'), []);
  const openKeys = useCallback(() => setOpened('keys'), []);
  const openLabels = useCallback(() => setOpened('labels'), []);

  useEffect(() => {
    if (savesData()) return;
    const timer = setTimeout(loadOthers, IDLE_MS);
    return () => clearTimeout(timer);
  }, []);

  return (
    <Shell>
      <a className="skip" href="#work">
        Skip to the work
      </a>
      <nav className={`contents${folded ? ' folded' : ''}`} aria-label="Benches">
        <Link className="brand" to="/about" title="About Diatonix: version, licences, where work is kept">
          Diatonix
        </Link>
        <PhoneCorner />
        <PlainButton className="unfold" aria-expanded={!folded} onPress={() => setFolded(!folded)}>
          <MenuIcon aria-hidden="true" /> {current?.title ?? 'Benches'}
        </PlainButton>
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
      <FileOpening />
      <Suspense fallback={null}>
        {isAsked && <QuickPanel />}
        {isClash && <ClashNote />}
        {opened === 'commands' && (
          <CommandList
            onClose={() => {
              setOpened(null);
              arrive();
            }}
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
    <PlainButton className="stop" onPress={stop}>
      <Square aria-hidden="true" /> Stop
    </PlainButton>
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
