import { makeSheet, type School, type SheetSpec } from '@diatonix/core';
import { useMemo, useState } from 'react';
import { Toggle } from '../../design/controls';
import type { Engraver } from '../../notation/engraver';
import { PrintPages, type PrintedPage } from '../../parts/PrintPages';
import { SheetPage } from './SheetPage';
import { SheetStyle } from './SheetStyle';

interface SheetPrintProps {
  readonly spec: SheetSpec;
  readonly versions: number;
  readonly engraver: Engraver | null;
  readonly school: School;
  readonly onClose: () => void;
}

/** Every version for pupils, then the answers of every version in correction ink. */
export function SheetPrint({ spec, versions, engraver, school, onClose }: SheetPrintProps) {
  const [answers, setAnswers] = useState(true);
  const sheets = useMemo(
    () => Array.from({ length: versions }, (_, version) => makeSheet(spec, version)),
    [spec, versions],
  );
  const pages = (kind: 'pupils' | 'answers') =>
    sheets.map((sheet): PrintedPage => ({
      id: `${kind} ${sheet.version}`,
      title: versions > 1 ? `${spec.title}, version ${sheet.version}` : spec.title,
      kind,
      content: (room) => (
        <SheetStyle style={{ width: room }}>
          <SheetPage
            sheet={sheet}
            engraver={engraver}
            school={school}
            answers={kind === 'answers'}
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
        <Toggle isSelected={answers} onChange={setAnswers}>
          With answers
        </Toggle>
      }
    />
  );
}
