import { useEffect } from 'react';
import { lookForClass } from '../../classroom/teacher/lead';
import { useClassroom } from '../../classroom/teacher/store';
import { TheWeek } from '../../parts/TheWeek';
import { arePages } from '../../offline/arePages';
import { BenchFrame } from '../../parts/BenchFrame';
import { Choose } from './Choose';
import { OpenClass } from './OpenClass';
import { TakeUp } from './TakeUp';

/** The Class bench: a sheet is opened to the pupils in the room, and their work comes in as it is done. */
export function ClassBench() {
  const room = useClassroom((state) => state.room);
  const line = useClassroom((state) => state.line);
  const hasToken = useClassroom((state) => state.hasToken);
  useEffect(() => {
    void lookForClass();
    const look = () => void lookForClass();
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
  if (room && line !== 'off') return <OpenClass room={room} />;
  return (
    <BenchFrame title={<h1>Class</h1>} facts={null} actions={null} margin={null}>
      {room ? <TakeUp room={room} /> : hasToken ? <Choose /> : <NoNetwork />}
    </BenchFrame>
  );
}

/** How a class network begins. */
function NoNetwork() {
  return (
    <>
      <div style={{ maxWidth: '36rem' }}>
        <p>
          Here a sheet is done by the pupils in the room, each at a screen of their own, and their answers
          come in while they work. For that, Diatonix has to be started for a class:
        </p>
        <pre>{arePages() ? 'node diatonix.mjs --class' : 'npm start -- --class'}</pre>
        {arePages() && <p>These pages lie on a web server, which has no class network of its own.</p>}
        <p>
          Then open the address that stands in the terminal under “Your own page”. Without it only this
          machine is served, and nobody can join.
        </p>
      </div>
      <TheWeek at="ask" />
    </>
  );
}
