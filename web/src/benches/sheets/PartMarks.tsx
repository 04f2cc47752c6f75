import { TextInput } from '../../design/fields/TextInput';
import { partWorths, type Question } from '@diatonix/core';
import { useState } from 'react';
import type { SheetSectionBody } from '../../documents/kinds/sheet/type';
import { giveParts } from './state';

interface PartMarksProps {
  readonly section: SheetSectionBody;
  /** A question of the section: its answer has the parts. */
  readonly question: Question;
}

/** Marks for each part of an answer, written as `root 1, quality 2`; none for marks of the whole. */
export function PartMarks({ section: { id, parts }, question }: PartMarksProps) {
  const worths = partWorths(question);
  const known = worths.map(({ name }) => name);
  const usual = worths.map(({ name, marks }) => `${name} ${marks}`).join(', ');
  const said = Object.entries(parts ?? {})
    .map(([name, marks]) => `${name} ${marks}`)
    .join(', ');
  const [text, setText] = useState(said);
  const [problem, setProblem] = useState<string | null>(null);
  if (known.length === 0) return null;
  const put = () => {
    if (text.trim() === '') return giveParts(id, null);
    const read = text.split(',').map((one) => /^\s*(.+?)\s+(\d{1,2})\s*$/.exec(one));
    const wrong = read.some((one) => one === null || !known.includes(one[1]!));
    setProblem(wrong ? `“${text}”: write ${usual}.` : null);
    if (!wrong) giveParts(id, Object.fromEntries(read.map((one) => [one![1]!, Number(one![2])])));
  };
  return (
    <>
      <label>
        Marks by part
        <TextInput
          value={text}
          maxLength={200}
          placeholder={usual}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && put()}
          onBlur={() => text !== said && put()}
        />
      </label>
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
    </>
  );
}
