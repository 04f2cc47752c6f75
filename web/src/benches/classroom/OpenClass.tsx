import { byName } from '../../design/byName';
import { nameKey } from '@diatonix/server/class';
import { useMemo, useState } from 'react';
import { useNow } from '../../design/useNow';
import { endClass, handBack, setClock } from '../../classroom/teacher/lead';
import { holdUp, standings, type WrongAnswer } from '../../classroom/teacher/standing';
import { useClassroom, type OpenRoom } from '../../classroom/teacher/store';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { markPile, versionsOf } from '../../documents/marking/markPile';
import { useDocuments } from '../../documents/store/store';
import { useSchool } from '../../documents/store/use';
import { BenchFrame } from '../../parts/BenchFrame';
import { slipOf } from '../../questions/slip';
import { Board } from './Board';
import { Clock } from './Clock';
import { MARKING_DESK } from '../marking/desk';
import { CLASSROOM_DESK, type ClassroomView } from './desk';
import { Invitation } from './Invitation';
import { Joining } from './Joining';
import { PupilsTable } from './PupilsTable';
import { QuestionsTable } from './QuestionsTable';
import { Summary } from './Summary';

const VIEW_NAMES: Readonly<Record<ClassroomView, string>> = {
  join: 'How to join',
  pupils: 'Pupils',
  questions: 'Questions',
};

/** A class while it is open: how to join, who is where, and what holds it up. */
export function OpenClass({ room }: { readonly room: OpenRoom }) {
  const { pupils: byId, problem, line, held } = useClassroom();
  const view = CLASSROOM_DESK.use((desk) => desk.view);
  const school = useSchool();
  const pile = useDocuments(({ documents }) => {
    const found = room.pile === null ? undefined : documents[room.pile];
    return found?.kind === 'pile' ? found.body : null;
  });
  const now = useNow();
  const pupils = useMemo(() => Object.values(byId).sort((a, b) => byName(a.name, b.name)), [byId]);
  const versions = pile ? versionsOf(pile) : NO_VERSIONS;
  const marked = useMemo(() => (pile ? markPile(pile, versionsOf(pile), school) : []), [pile, school]);
  const standing = useMemo(() => standings(marked, versions, pupils, now), [marked, versions, pupils, now]);
  const stuck = useMemo(() => new Set(standing.flatMap((one) => one.stuck)), [standing]);
  const list = useDocuments(({ documents }) => {
    const found = pile?.classId === undefined ? undefined : documents[pile.classId];
    return found?.kind === 'class' ? found.body.pupils : undefined;
  });
  const names = useMemo(() => (list ?? []).map(({ name }) => name), [list]);
  const free = useMemo(() => {
    if (!pile || pile.pupils.length === 0) return null;
    const here = new Set(pupils.map(({ name }) => nameKey(name)));
    return pile.pupils.flatMap(({ name }) => (here.has(nameKey(name)) ? [] : [name])).sort(byName);
  }, [pile, pupils]);
  const [board, setBoard] = useState<WrongAnswer | null>(null);
  const [sure, setSure] = useState(false);
  const shown = room.pile === null && view === 'questions' ? 'pupils' : view;

  const giveBack = () => {
    const slips = new Map(
      marked.map((own) => [own.pupil.id, slipOf(own, versions[own.pupil.version] ?? [], school)]),
    );
    handBack(slips);
  };
  const end = () => {
    const { pile: own } = room;
    endClass();
    // What comes next is the marking of what was handed in.
    if (own !== null) MARKING_DESK.set({ open: own, pupil: null, question: 0, view: 'page' });
  };

  return (
    <BenchFrame
      title={<h1>{room.title || 'Class'}</h1>}
      facts={
        <ToggleRow
          aria-label="View"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[shown]}
          onSelectionChange={([next]) => CLASSROOM_DESK.set({ view: next as ClassroomView })}
        >
          {(Object.keys(VIEW_NAMES) as ClassroomView[])
            .filter((id) => id !== 'questions' || room.pile !== null)
            .map((id) => (
              <Toggle key={id} id={id}>
                {VIEW_NAMES[id]}
              </Toggle>
            ))}
        </ToggleRow>
      }
      actions={
        sure ? (
          <>
            <span role="alert">Everyone leaves, and the server forgets them. The pile stays.</span>
            <Button onPress={end}>End it</Button>
            <Button onPress={() => setSure(false)}>Go on</Button>
          </>
        ) : (
          <>
            {pile && (
              <Button onPress={giveBack} isDisabled={pupils.length === 0 || line !== 'here'}>
                {room.handedBack ? 'Hand back again' : 'Hand back marks'}
              </Button>
            )}
            <Button onPress={() => setSure(true)}>End the class</Button>
          </>
        )
      }
      margin={
        <>
          <Invitation room={room} small />
          <Joining room={room} now={now} free={free} />
          <Clock room={room} now={now} onSet={setClock} />
          <p className="parts">
            Names and work are in the memory of the server while the class is open, and written to this
            browser only.
          </p>
        </>
      }
    >
      {problem !== '' && <Problem>{problem}</Problem>}
      {line === 'away' && (
        <Problem>
          The server cannot be reached. It is tried again by itself; pupils go on, and their answers come
          later.
        </Problem>
      )}
      {held > 0 && (
        <Problem>
          {`Answers wait (${held}): their pile is in another workbook. Open that one, and they come in.`}
        </Problem>
      )}
      {!board && (
        // What stands before the class names nobody.
        <Summary pupils={pupils} hold={shown === 'join' ? null : holdUp(standing)} onBoard={setBoard} />
      )}
      {board ? (
        <Board wrong={board} school={school} onClose={() => setBoard(null)} />
      ) : shown === 'join' ? (
        <Invitation room={room} />
      ) : shown === 'pupils' ? (
        <PupilsTable pupils={pupils} marked={marked} versions={versions} stuck={stuck} list={names} />
      ) : (
        <QuestionsTable standing={standing} school={school} onBoard={setBoard} />
      )}
    </BenchFrame>
  );
}

const NO_VERSIONS: ReturnType<typeof versionsOf> = [];
