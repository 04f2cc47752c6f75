import { useEffect, useMemo } from 'react';
import { Toggle, ToggleRow } from '../../design/controls';
import { BenchFrame } from '../../parts/BenchFrame';
import { SideBySide } from '../../parts/sideBySide';
import type { Document } from '../../documents/store/document';
import { loadDrafts } from '../../documents/marking/drafts';
import { historyOf, markPile, versionsOf } from '../../documents/marking/markPile';
import { useSchool } from '../../documents/store/use';
import { AnswerMargin } from './AnswerMargin';
import { AnswerTable } from './AnswerTable';
import { ClassResults } from './ClassView';
import { MARKING_DESK, useOpenPile, type MarkingView } from './desk';
import { EmptyMarking } from './EmptyMarking';
import { PileTitle } from './PileTitle';
import { PupilsList } from './PupilsList';
import { QuestionView } from './QuestionView';
import { Slips } from './Slips';
import { enter } from './state';

const VIEW_NAMES: Readonly<Record<MarkingView, string>> = {
  page: 'By pupil',
  question: 'By question',
  class: 'The class',
  slips: 'Return slips',
};

/** The Marking bench: a pile of sheets, marked at typing speed, with the causes of what is wrong. */
export function MarkingBench() {
  const open = useOpenPile();
  if (open) return <OpenPile key={open.id} open={open} />;
  return (
    <BenchFrame title={<h1>Marking</h1>} facts={null} actions={null} margin={null}>
      <EmptyMarking />
    </BenchFrame>
  );
}

function OpenPile({ open }: { open: Document<'pile'> }) {
  const { body } = open;
  const school = useSchool();
  useEffect(() => void loadDrafts(open.id), [open.id]);
  const { pupil: wanted, question, view } = MARKING_DESK.use((desk) => desk);
  const versions = versionsOf(body);
  const marked = useMemo(() => markPile(body, versions, school), [body, versions, school]);
  const at = Math.max(
    0,
    body.pupils.findIndex(({ id }) => id === wanted),
  );
  const own = marked[at] ?? null;
  const asked = versions[own?.pupil.version ?? 0] ?? [];
  const place = Math.min(question, Math.max(0, asked.length - 1));
  const one = asked[place] ?? null;
  const history = useMemo(() => historyOf(marked), [marked]);
  const choose = (pupil: number, next: number) => {
    const to = body.pupils[pupil];
    if (to) MARKING_DESK.set({ pupil: to.id, question: next });
  };

  return (
    <BenchFrame
      title={<PileTitle id={open.id} title={body.title} />}
      facts={
        <ToggleRow
          aria-label="View"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[view]}
          onSelectionChange={([next]) => MARKING_DESK.set({ view: next as MarkingView })}
        >
          {(Object.keys(VIEW_NAMES) as MarkingView[]).map((id) => (
            <Toggle key={id} id={id}>
              {VIEW_NAMES[id]}
            </Toggle>
          ))}
        </ToggleRow>
      }
      actions={null}
      margin={
        own &&
        one &&
        (view === 'page' || view === 'question') && (
          <AnswerMargin
            key={`${own.pupil.id} ${one.id}`}
            asked={one}
            marked={own.answers.get(one.id) ?? null}
            pupil={own.pupil}
            history={history}
            school={school}
          />
        )
      }
    >
      {view === 'slips' ? (
        <Slips pile={body} marked={marked} versions={versions} school={school} />
      ) : (
        <SideBySide>
          <PupilsList pile={body} marked={marked} selected={at} onSelect={(next) => choose(next, 0)} />
          {view === 'class' ? (
            <ClassResults marked={marked} asked={versions[0] ?? []} school={school} />
          ) : own === null ? (
            <p>Add the pupils whose sheets lie on the pile: a name on each line.</p>
          ) : view === 'question' ? (
            <QuestionView
              pile={open.id}
              marked={marked}
              versions={versions}
              place={place}
              school={school}
              onPlace={(next) => choose(at, next)}
              onPupil={(next) => choose(next, place)}
              onEnter={(pupil, id, answer) => enter({ pupil, question: id, answer })}
            />
          ) : (
            <AnswerTable
              key={own.pupil.id}
              pile={open.id}
              own={own}
              asked={asked}
              place={place}
              school={school}
              onPlace={(next) => choose(at, next)}
              onPupil={(by) => choose(at + by, 0)}
              onEnter={(id, answer) => enter({ pupil: own.pupil.id, question: id, answer })}
            />
          )}
        </SideBySide>
      )}
    </BenchFrame>
  );
}
