import {
  fitWords,
  numeralParts,
  readingFit,
  speakNumeral,
  type LabelStyle,
  type ReadChord,
} from '@diatonix/core';
import { Button } from '../../design/controls';
import { MarginList } from '../../design/MarginList';
import { FitBar } from '../../parts/FitBar';
import { keyName } from '../../parts/names';
import { NumeralText } from '../../parts/NumeralText';
import { rule } from './state';

/** What else a chord may be, a button each that rules it, and how well it fits. */
export function OtherReadings({ one, school }: { readonly one: ReadChord; readonly school: LabelStyle }) {
  const others = one.readings.slice(1, 6);
  if (others.length === 0) return null;
  return (
    <div className="aside">
      It could also be read as
      <MarginList>
        {others.map((other, index) => {
          const parts = numeralParts(other.numeral, other.key, school);
          const { from, to, key, numeral } = other;
          return (
            <li key={index}>
              <Button
                aria-label={`Rule: ${speakNumeral(parts)} in ${keyName(key, school)}`}
                onPress={() => rule({ kind: 'numeral', from, to, key, numeral })}
              >
                <NumeralText parts={parts} />
              </Button>
              in {keyName(key, school)}
              {part(other, one)}
              <FitBar fit={readingFit(other.excess)} />
              {fitWords(readingFit(other.excess))}
            </li>
          );
        })}
      </MarginList>
    </div>
  );
}

/** Whether another reading holds more or less of the time. */
function part(
  other: { readonly from: number; readonly to: number },
  one: { readonly from: number; readonly to: number },
): string {
  if (other.from === one.from && other.to === one.to) return '';
  if (other.from >= one.from && other.to <= one.to) return ' for a part of it';
  return ' together with what stands beside it';
}
