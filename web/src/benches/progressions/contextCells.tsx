import {
  cadenceWords,
  functionSaid,
  numeralParts,
  type ColumnLabels,
  type LineLabel,
  type LabelStyle,
} from '@diatonix/core';
import type { GridCell } from '../../columns/types';
import { keyName } from '../../parts/names';
import { NumeralText } from '../../parts/NumeralText';
import { accidentalSigns } from '../../design/signs';

export function keyCell(line: LineLabel | null, first: boolean, school: LabelStyle): GridCell {
  return { text: line && (line.keyBegins || first) ? keyName(line.key, school) : '' };
}

/** The numeral; a pivot chord has that of the key it leaves too, and a ruling its mark. */
export function NumeralCell({
  labels,
  line,
  school,
}: {
  labels: ColumnLabels;
  line: LineLabel | null;
  school: LabelStyle;
}) {
  return (
    <>
      {line?.pivot && line.pivotKey && (
        <span className="pivot">
          <NumeralText parts={numeralParts(line.pivot, line.pivotKey, school)} />
        </span>
      )}
      <NumeralText parts={labels.numeralParts} />
      {line?.ruled && (
        <span className="ruled" aria-hidden="true">
          ruled
        </span>
      )}
    </>
  );
}

export function targetsCell(line: LineLabel | null): GridCell {
  if (!line) return { text: '' };
  const { bracketFrom, bracketTo, open, arrowFrom, arrowTo, substituteFrom, substituteTo } = line;
  const said = [
    bracketFrom && 'ii of the next',
    bracketTo && 'V of the bracket',
    open && 'its target is open',
    arrowFrom && 'goes to the next',
    substituteFrom && 'stands in for the dominant of the next',
    (arrowTo || substituteTo) && 'target',
  ];
  return {
    text: said.filter(Boolean).join(', '),
    content: (
      <>
        {bracketFrom && <span className="bracket-from" />}
        {bracketTo && <span className="bracket-to" />}
        {(arrowFrom || substituteFrom) && (
          <span className={arrowFrom ? 'arrow-from' : 'arrow-from substitute'} />
        )}
        {(arrowTo || substituteTo) && (
          <span className={arrowTo ? 'arrow-to' : 'arrow-to substitute'}>
            <svg className="arrow-head" viewBox="0 0 8 6" aria-hidden="true">
              <path d="M0 0H8L4 6Z" fill="currentColor" />
            </svg>
          </span>
        )}
        {open && <span className="open">open</span>}
      </>
    ),
  };
}

export function contextSentence(line: LineLabel, school: LabelStyle): string {
  const parts = [
    line.keyBegins ? `in ${keyName(line.key, school)}` : '',
    line.arrowFrom ? 'goes to the next' : '',
    line.open ? 'target open' : '',
    line.cadence ? `${cadenceWords(line.cadence)} cadence` : '',
  ];
  return parts
    .filter((part) => part !== '')
    .map((part) => `, ${part}`)
    .join('');
}

export function functionWord(labels: ColumnLabels, line: LineLabel | null): string {
  const said = functionSaid(labels, line);
  if (said === null) return '';
  if (typeof said !== 'string') return `to ${plain(said.to)}`;
  return said === 'pre-dominant' ? 'pre-dom.' : said;
}

function plain(parts: ColumnLabels['numeralParts']): string {
  return accidentalSigns(parts.prefix) + parts.roman + (parts.quality === 'o' ? '°' : parts.quality);
}
