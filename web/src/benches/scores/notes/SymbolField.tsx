import {
  attempt,
  isRest,
  moveSymbol,
  NO_CHORD,
  parseSymbol,
  printSymbol,
  putSymbol,
  symbolAt,
  type LabelStyle,
  type Score,
  type SymbolAt,
} from '@diatonix/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { announce } from '../../../design/announce';
import { Button } from '../../../design/controls';
import { TextInput } from '../../../design/fields/TextInput';
import { editPiece, scoreNow } from '../state';

interface SymbolFieldProps {
  readonly score: Score;
  /** The moment of the selected note. */
  readonly at: number;
  readonly school: LabelStyle;
  /** Selects what begins at a moment. */
  readonly onMoment: (at: number) => void;
}

/** The chord symbol over the selected note: written, changed, moved and taken away. */
export function SymbolField({ score, at, school, onMoment }: SymbolFieldProps) {
  const [wrong, setWrong] = useState<string | null>(null);
  const stands = wordsOf(symbolAt(score, at), school);
  const put = (text: string) => {
    if (text.trim() === stands) return setWrong(null);
    const read = attempt(() => symbolOf(text, school));
    setWrong(read.ok ? null : read.error.message);
    if (!read.ok) return;
    editPiece('the chord symbol', putSymbol(scoreNow() ?? score, at, read.value));
    announce(read.value === null ? 'No symbol stands here.' : `${wordsOf(read.value, school)} stands here.`);
  };
  const move = (way: 'before' | 'after') => {
    const moved = attempt(() => moveSymbol(scoreNow() ?? score, at, way));
    setWrong(moved.ok ? null : moved.error.message);
    if (!moved.ok) return;
    editPiece('the moved symbol', moved.value.score);
    onMoment(moved.value.at);
  };
  return (
    <>
      <SymbolInput key={`${at} ${stands}`} value={stands} isWrong={wrong !== null} onPut={put} />
      <Button aria-label="Symbol earlier" isDisabled={stands === ''} onPress={() => move('before')}>
        <ChevronLeft aria-hidden="true" />
      </Button>
      <Button aria-label="Symbol later" isDisabled={stands === ''} onPress={() => move('after')}>
        <ChevronRight aria-hidden="true" />
      </Button>
      {wrong && (
        <p className="problem" role="alert">
          {wrong}
        </p>
      )}
    </>
  );
}

interface SymbolInputProps {
  readonly value: string;
  readonly isWrong: boolean;
  readonly onPut: (text: string) => void;
}

function SymbolInput({ value, isWrong, onPut }: SymbolInputProps) {
  const [text, setText] = useState(value);
  return (
    <TextInput
      aria-label="Chord symbol"
      aria-invalid={isWrong}
      placeholder="Symbol"
      value={text}
      maxLength={30}
      spellCheck={false}
      onChange={(event) => setText(event.target.value)}
      onKeyDown={(event) => event.key === 'Enter' && onPut(text)}
      onBlur={() => onPut(text)}
    />
  );
}

const wordsOf = (symbol: SymbolAt, school: LabelStyle): string =>
  symbol === null
    ? ''
    : symbol === 'no-chord'
      ? NO_CHORD
      : printSymbol(symbol, { glyphs: true, letters: school.letters, school: school.symbols });

function symbolOf(text: string, { letters }: LabelStyle): SymbolAt {
  const plain = text.trim();
  if (plain === '') return null;
  return isRest(plain.replace(/\s/g, '')) ? 'no-chord' : parseSymbol(plain, letters);
}
