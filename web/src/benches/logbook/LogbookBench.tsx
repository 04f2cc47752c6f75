import { kindWords } from '@diatonix/core';
import { useMemo } from 'react';
import { Choice } from '../../design/Choice';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { kindsIn, markedPiles, namesIn } from '../../documents/logbook/logbook';
import { causeRows, progressRows, skillRows, taughtRows } from '../../documents/logbook/logbookCharts';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { useOpenClass, useSchool } from '../../documents/store/use';
import { TheWeek } from '../../parts/TheWeek';
import { BenchFrame } from '../../parts/BenchFrame';
import { LOGBOOK_DESK, type LogbookView } from './desk';
import { FileMenu } from './FileMenu';
import { Lessons } from './Lessons';
import { Causes, OverTime } from './OverTime';
import { Pupils } from './Pupils';
import { SkillGrid } from './SkillGrid';
import { addClass, chooseClass, className } from '../../documents/kinds/schoolClass/edit';

const NAMES: Readonly<Record<LogbookView, string>> = {
  skills: 'By skill',
  time: 'Over time',
  causes: 'Mistakes',
  lessons: 'Lessons',
  pupils: 'Pupils',
};
const WHOLE = '';
const NEW = 'new class';

/** The Logbook: what a class was taught and set, what it knows, and what went wrong again and again. */
export function LogbookBench() {
  const school = useSchool();
  const open = useOpenClass();
  const classes = useDocuments((state) => documentsOf(state.documents, 'class'));
  const documents = useDocuments((state) => documentsOf(state.documents, 'pile'));
  const { view, pupil, skill: wanted, beside: besideId } = LOGBOOK_DESK.use((desk) => desk);
  const piles = useMemo(
    () => markedPiles(documents, open?.id ?? null, school),
    [documents, open?.id, school],
  );
  const others = classes.filter(({ id }) => id !== open?.id);
  const other = others.find(({ id }) => id === besideId);
  const beside = useMemo(
    () =>
      other ? { name: className(other.body.name), piles: markedPiles(documents, other.id, school) } : null,
    [other, documents, school],
  );
  const names = useMemo(() => namesIn(piles), [piles]);
  const kinds = useMemo(() => kindsIn(piles), [piles]);
  const skill = wanted !== null && kinds.includes(wanted) ? wanted : null;
  const own = pupil !== null && names.includes(pupil) ? pupil : null;
  const tables: Partial<Record<LogbookView, () => ReturnType<typeof skillRows>>> = {
    skills: () => skillRows(piles),
    time: () => progressRows(piles, own, skill),
    causes: () => causeRows(piles, own, school),
    ...(open ? { lessons: () => taughtRows(piles, open.body) } : {}),
  };
  const shown = piles.length > 0 ? (tables[view] ?? null) : null;
  const charts = view === 'skills' || view === 'time' || view === 'causes';
  return (
    <BenchFrame
      title={<h1>Logbook</h1>}
      facts={
        <>
          {open && (
            <Choice
              label="Class"
              value={open.id}
              options={[
                ...classes.map(({ id, body: { name } }) => ({ id, name: className(name) })),
                { id: NEW, name: 'New class' },
              ]}
              onChoose={(id) => {
                if (id !== NEW) return chooseClass(id);
                addClass();
                LOGBOOK_DESK.set({ view: 'pupils' });
              }}
            />
          )}
          <ToggleRow
            aria-label="View"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[view]}
            onSelectionChange={([next]) => LOGBOOK_DESK.set({ view: next as LogbookView })}
          >
            {(Object.keys(NAMES) as LogbookView[]).map((id) => (
              <Toggle key={id} id={id}>
                {NAMES[id]}
              </Toggle>
            ))}
          </ToggleRow>
        </>
      }
      actions={
        <>
          {(view === 'time' || view === 'causes') && names.length > 0 && (
            <Choice
              label="Pupil"
              value={own ?? WHOLE}
              options={[{ id: WHOLE, name: 'The class' }, ...names.map((name) => ({ id: name, name }))]}
              onChoose={(name) => LOGBOOK_DESK.set({ pupil: name === WHOLE ? null : name })}
            />
          )}
          {view === 'time' && kinds.length > 1 && (
            <Choice
              label="Exercise"
              value={skill ?? WHOLE}
              options={[
                { id: WHOLE, name: 'All exercises' },
                ...kinds.map((kind) => ({ id: kind, name: kindWords(kind).name })),
              ]}
              onChoose={(kind) => LOGBOOK_DESK.set({ skill: kind === WHOLE ? null : kind })}
            />
          )}
          {view === 'skills' && others.length > 0 && (
            <Choice
              label="Beside"
              value={other?.id ?? WHOLE}
              options={[
                { id: WHOLE, name: 'No other class' },
                ...others.map(({ id, body: { name } }) => ({ id, name: className(name) })),
              ]}
              onChoose={(id) => LOGBOOK_DESK.set({ beside: id === WHOLE ? null : id })}
            />
          )}
          <FileMenu
            open={open && { id: open.id, name: open.body.name }}
            piles={piles}
            shown={shown}
            school={school}
          />
        </>
      }
      margin={null}
    >
      {charts && piles.length === 0 ? (
        <>
          <p>Nothing of this class has been marked yet: its piles on the Marking bench fill these pages.</p>
          <TheWeek at="see" />
        </>
      ) : view === 'skills' ? (
        <SkillGrid piles={piles} beside={beside} />
      ) : view === 'time' ? (
        <OverTime piles={piles} pupil={own} skill={skill} school={school} />
      ) : view === 'causes' ? (
        <Causes piles={piles} pupil={own} school={school} classId={open?.id ?? null} />
      ) : open === null ? (
        <p>
          There is no class in this workbook yet. <Button onPress={addClass}>Make a class</Button>
        </p>
      ) : view === 'lessons' ? (
        <Lessons body={open.body} piles={piles} school={school} />
      ) : (
        <Pupils
          body={open.body}
          others={others.map(({ id, body: { name } }) => ({ id, name: className(name) }))}
        />
      )}
    </BenchFrame>
  );
}
