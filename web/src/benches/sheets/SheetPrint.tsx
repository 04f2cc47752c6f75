import { makeSheet, questionWorking, type Question, type LabelStyle, type SheetSpec } from '@diatonix/core';
import { useMemo, useState } from 'react';
import { Download } from 'lucide-react';
import { Button, Toggle } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { part } from '../../design/part';
import { Problem } from '../../design/Problem';
import { PAPER_DESK } from '../../parts/paper';
import { saveSheetPdf } from '../../pictures/savePdf';
import type { Engraver } from '@diatonix/engraving';
import { PrintPages, type PrintedPage } from '../../parts/PrintPages';
import { SheetPage } from './SheetPage';
import type { SheetBody } from '../../documents/kinds/sheet/type';
import { Choice } from '../../design/Choice';
import { shownWorking, WORKINGS, type SheetWorking } from '@diatonix/engraving';
import { ZOOM } from './sizes';
import { SheetStyle } from '../../questions/SheetStyle';

const WORKING_NAMES: Readonly<Record<SheetWorking, string>> = {
  none: 'No working',
  result: 'Its last step',
  full: 'The whole working',
};

const NamesTable = part(() => import('./NamesTable').then((module) => module.default));

interface SheetPrintProps {
  readonly spec: SheetSpec;
  readonly body: SheetBody;
  /** The class and the date it is for. */
  readonly about: string;
  readonly engraver: Engraver | null;
  readonly school: LabelStyle;
  readonly onClose: () => void;
}

/** Every version for pupils, then the answers of every version in correction ink. */
export function SheetPrint({ spec, body, about, engraver, school, onClose }: SheetPrintProps) {
  const { versions, size = 'usual', scrap = 'none' } = body;
  const [answers, setAnswers] = useState(true);
  const [working, setWorking] = useState<SheetWorking>('none');
  const [names, setNames] = useState('');
  const [done, setDone] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const paper = PAPER_DESK.use((desk) => desk.paper);
  const landscape = PAPER_DESK.use((desk) => desk.landscape);
  const pdf = async () => {
    setProblem(null);
    setDone('The pages are being made…');
    const pupils = names
      .split('\n')
      .map((name) => name.trim())
      .filter((name) => name !== '');
    const look = { paper, landscape, zoom: ZOOM[size], scrap, about, answers, names: pupils };
    const ways = body.ways ?? {};
    const wrong = await saveSheetPdf({ spec, versions, look, working, ways, school }, (part, all) =>
      setDone(`${part} of ${all} made…`),
    );
    setProblem(wrong);
    setDone(wrong === null ? 'The PDF is among your downloads.' : null);
  };
  const sheets = useMemo(
    () => Array.from({ length: versions }, (_, version) => makeSheet(spec, version)),
    [spec, versions],
  );
  const worked = (question: Question) =>
    shownWorking(working, questionWorking(question, school, body.ways ?? {}));
  const pages = (kind: 'pupils' | 'answers') =>
    sheets.map((sheet): PrintedPage => ({
      id: `${kind} ${sheet.version}`,
      title: versions > 1 ? `${spec.title}, version ${sheet.version}` : spec.title,
      kind,
      about,
      content: (room) => (
        <SheetStyle style={{ width: room / ZOOM[size], zoom: ZOOM[size] }}>
          <SheetPage
            sheet={sheet}
            engraver={engraver}
            school={school}
            answers={kind === 'answers'}
            scrap={scrap}
            {...(kind === 'answers' ? { working: worked } : {})}
            selected={null}
            onSelect={null}
          />
        </SheetStyle>
      ),
    }));
  return (
    <PrintPages
      pages={[...pages('pupils'), ...(answers ? pages('answers') : [])]}
      onClose={onClose}
      choices={
        <>
          <Toggle isSelected={answers} onChange={setAnswers}>
            With answers
          </Toggle>
          {answers && (
            <Choice
              label="Working"
              value={working}
              options={WORKINGS.map((id) => ({ id, name: WORKING_NAMES[id] }))}
              onChoose={setWorking}
            />
          )}
          <Drop
            label="Who has which version"
            opens="dialog"
            drop={(dropped) => <NamesTable {...dropped} names={names} onChange={setNames} />}
          >
            Pupils
          </Drop>
          <Button onPress={() => void pdf()}>
            <Download aria-hidden="true" /> PDF
          </Button>
          {done && <span role="status">{done}</span>}
          {problem && <Problem>{problem}</Problem>}
        </>
      }
    />
  );
}
