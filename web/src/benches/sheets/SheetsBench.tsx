import { dayWords } from '../../design/dates';
import { attempt, makeSheet, versionLetter } from '@diatonix/core';
import { Printer, Shuffle } from 'lucide-react';
import { useEffect, useMemo, useRef, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { BenchFrame } from '../../parts/BenchFrame';
import { Choice } from '../../design/Choice';
import { usePrinting } from '../../design/printing';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { SideBySide } from '../../parts/sideBySide';
import type { Document } from '../../documents/store/document';
import { MOST_VERSIONS_PRINTED } from '../../documents/kinds/sheet/type';
import { specOf } from '../../documents/kinds/sheet/spec';
import { useDocuments } from '../../documents/store/store';
import { useSchool } from '../../documents/store/use';
import { useEngraver } from '../../notation/useEngraver';
import { classOf, SHEETS_DESK, useOpenSheet } from './desk';
import { hearQuestion } from '../../questions/HearQuestion';
import { EmptySheets } from './EmptySheets';
import { Outline } from './Outline';
import { SheetMargin } from './SheetMargin';
import { SheetPage } from './SheetPage';
import { SheetPrint } from './SheetPrint';
import { ZOOM } from './sizes';
import { SheetStyle } from '../../questions/SheetStyle';
import { SheetTitle } from './SheetTitle';
import { exchange, otherQuestions, printVersions } from './state';

const Work = styled(SideBySide)`
  @media (max-width: 860px) {
    > nav {
      order: 2;
    }
  }
`;

/** The Sheets bench: exercises of every kind, in versions, with their answers, as they will print. */
export function SheetsBench() {
  const open = useOpenSheet();
  if (open) return <OpenSheet key={open.id} open={open} />;
  return (
    <BenchFrame title={<h1>Sheets</h1>} facts={null} actions={null} margin={null}>
      <EmptySheets />
    </BenchFrame>
  );
}

function OpenSheet({ open }: { open: Document<'sheet'> }) {
  const { body } = open;
  const school = useSchool();
  const print = () => SHEETS_DESK.set({ printing: true });
  usePrinting(print);
  const engraver = useEngraver();
  const page = useRef<HTMLDivElement>(null);
  const byKeyboard = useRef(false);
  const { version, answers, printing, section: wanted, question } = SHEETS_DESK.use((desk) => desk);
  const schoolClass = useDocuments((state) => classOf(body, state.documents));
  const spec = useMemo(() => specOf(body, schoolClass), [body, schoolClass]);
  const about = [schoolClass?.name ?? '', body.date ? dayWords(body.date) : ''].filter(Boolean).join(', ');
  const shown = Math.min(version, body.versions - 1);
  const made = useMemo(
    () => (spec.sections.length === 0 ? null : attempt(() => makeSheet(spec, shown))),
    [spec, shown],
  );
  const sheet = made?.ok ? made.value : null;
  const at = Math.max(
    0,
    body.sections.findIndex(({ id }) => id === wanted),
  );
  const section = body.sections[at];
  const place = section ? Math.min(question, section.count - 1) : 0;

  useEffect(() => {
    if (!byKeyboard.current) return;
    byKeyboard.current = false;
    const cell = page.current?.querySelector<HTMLElement>('.question[tabindex="0"]');
    cell?.focus({ preventScroll: true });
    cell?.scrollIntoView({ block: 'nearest' });
  });

  // A section that was added or chosen in the outline comes into view.
  useEffect(() => {
    page.current?.querySelector('.question.selected')?.scrollIntoView({ block: 'nearest' });
  }, [section?.id]);

  const select = (to: number, next: number) =>
    SHEETS_DESK.set({ section: body.sections[to]!.id, question: next });
  const step = (by: 1 | -1) => {
    if (!section) return;
    const next = place + by;
    if (next >= 0 && next < section.count) select(at, next);
    else if (body.sections[at + by]) select(at + by, by > 0 ? 0 : body.sections[at - 1]!.count - 1);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || !section) return;
    const acts: Record<string, () => void> = {
      ArrowRight: () => step(1),
      ArrowDown: () => step(1),
      ArrowLeft: () => step(-1),
      ArrowUp: () => step(-1),
      ' ': () => hearQuestion(sheet?.sections[at]?.questions[place] ?? null),
      x: () => exchange(section.id, place),
      a: () => SHEETS_DESK.set({ answers: !answers }),
      v: () => SHEETS_DESK.set({ version: (shown + 1) % body.versions }),
    };
    const act = acts[event.key];
    if (!act) return;
    event.preventDefault();
    byKeyboard.current = true;
    act();
  };

  return (
    <BenchFrame
      title={<SheetTitle id={open.id} title={body.title} />}
      facts={
        body.versions > 1 && (
          <ToggleRow
            aria-label="Version"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[String(shown)]}
            onSelectionChange={([next]) => SHEETS_DESK.set({ version: Number(next) })}
          >
            {Array.from({ length: body.versions }, (_, one) => (
              <Toggle key={one} id={String(one)} aria-label={`Version ${versionLetter(one)}`}>
                {versionLetter(one)}
              </Toggle>
            ))}
          </ToggleRow>
        )
      }
      actions={
        <>
          <Choice
            label="Versions"
            value={String(body.versions)}
            options={Array.from({ length: MOST_VERSIONS_PRINTED }, (_, one) => ({
              id: String(one + 1),
              name: one === 0 ? 'One version' : `${one + 1} versions`,
            }))}
            onChoose={(count) => printVersions(Number(count))}
          />
          <Toggle isSelected={answers} onChange={(next) => SHEETS_DESK.set({ answers: next })}>
            Answers
          </Toggle>
          <Button onPress={otherQuestions}>
            <Shuffle aria-hidden="true" /> Other questions
          </Button>
          <Button isDisabled={!sheet} onPress={print}>
            <Printer aria-hidden="true" /> Pages to print
          </Button>
        </>
      }
      margin={
        section && (
          <SheetMargin
            section={section}
            number={`${at + 1}.${place + 1}`}
            place={place}
            question={sheet?.sections[at]?.questions[place] ?? null}
            school={school}
            problem={made && !made.ok ? made.error.message : null}
            ways={body.ways ?? {}}
          />
        )
      }
    >
      {printing && sheet ? (
        <SheetPrint
          spec={spec}
          body={body}
          about={about}
          engraver={engraver}
          school={school}
          onClose={() => SHEETS_DESK.set({ printing: false })}
        />
      ) : (
        <Work>
          <Outline body={body} sheet={sheet} section={at} />
          <div ref={page} onKeyDown={onKey}>
            {made && !made.ok && <Problem>{made.error.message}</Problem>}
            {body.sections.length === 0 && <p>Add a section: a kind of exercise and how many questions.</p>}
            {sheet && (
              <SheetStyle style={{ zoom: ZOOM[body.size ?? 'usual'] }}>
                <div className="sheet">
                  <div className="heading">
                    <h2>{body.title}</h2>
                    {about && <small>{about}</small>}
                    <small>
                      {answers ? `answers, version ${sheet.version}` : 'Name ____________________'}
                    </small>
                  </div>
                  <SheetPage
                    sheet={sheet}
                    engraver={engraver}
                    school={school}
                    answers={answers}
                    scrap={body.scrap ?? 'none'}
                    selected={[at, place]}
                    onSelect={select}
                  />
                </div>
              </SheetStyle>
            )}
          </div>
        </Work>
      )}
    </BenchFrame>
  );
}
