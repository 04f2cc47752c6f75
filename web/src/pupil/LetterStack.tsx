import { LETTER_STACKS } from '@diatonix/core';

interface LetterStackProps {
  /** What is marked, as it is kept: `C1 E1 F2`, ringed and struck out. */
  readonly text: string;
  readonly onChange: (text: string) => void;
}

const MARKS = ['', 'ringed', 'struck out'] as const;

/** The letters in thirds: a press rings one, the next strikes it out, the third takes the mark away. */
export function LetterStack({ text, onChange }: LetterStackProps) {
  const marks = new Map(
    [...text.matchAll(/(\d\.[A-G])([12])/g)].map(([, place, mark]) => [place!, Number(mark)]),
  );
  const press = (place: string) => {
    const next = new Map(marks).set(place, ((marks.get(place) ?? 0) + 1) % MARKS.length);
    onChange([...next].flatMap(([at, mark]) => (mark > 0 ? [`${at}${mark}`] : [])).join(' '));
  };
  return (
    <div className="letters" role="group" aria-label="Letters to stack">
      {LETTER_STACKS.map((row, at) => (
        <div key={at}>
          {row.map((letter) => {
            const mark = MARKS[marks.get(`${at}.${letter}`) ?? 0]!;
            return (
              <button
                key={letter}
                className={mark.replace(' ', '-')}
                aria-label={mark === '' ? letter : `${letter}, ${mark}`}
                onClick={() => press(`${at}.${letter}`)}
              >
                {letter}
              </button>
            );
          })}
        </div>
      ))}
    </div>
  );
}
