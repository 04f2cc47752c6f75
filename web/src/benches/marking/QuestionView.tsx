import type { LabelStyle } from '@diatonix/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Button } from '../../design/controls';
import type { PileQuestion, MarkedPupil } from '../../documents/marking/markPile';
import { AnswerField } from './AnswerField';
import { AnswersHead, MarksCell, ResultCell } from './AnswerTable';
import { MARKING_DESK } from './desk';
import { TableStyle } from './TableStyle';
import { askedWords, causeName, rightWords } from '../../questions/words';

interface QuestionViewProps {
  /** The pile's id. */
  readonly pile: string;
  readonly marked: readonly MarkedPupil[];
  readonly versions: readonly (readonly PileQuestion[])[];
  readonly place: number;
  readonly school: LabelStyle;
  readonly onPlace: (place: number) => void;
  readonly onPupil: (pupil: number) => void;
  readonly onEnter: (pupil: string, question: string, answer: string) => void;
}

/** One question through the whole pile: the answers of all pupils under each other. */
export function QuestionView({
  pile,
  marked,
  versions,
  place,
  school,
  onPlace,
  onPupil,
  onEnter,
}: QuestionViewProps) {
  const here = MARKING_DESK.use((desk) => desk.pupil);
  const count = versions[0]?.length ?? 0;
  const label = versions[0]?.[place]?.label ?? '';
  const answered = marked.filter(({ answers }) => answers.has(versions[0]?.[place]?.id ?? ''));
  const right = answered.filter(({ answers }) => answers.get(versions[0]![place]!.id)!.verdict === 'right');
  return (
    <TableStyle className="answers">
      <h2>Question {label}</h2>
      <p className="total" role="status">
        <b>{right.length}</b> of {answered.length} right
        <Button aria-label="The question before" isDisabled={place === 0} onPress={() => onPlace(place - 1)}>
          <ChevronLeft aria-hidden="true" />
        </Button>
        <Button
          aria-label="The next question"
          isDisabled={place >= count - 1}
          onPress={() => onPlace(place + 1)}
        >
          <ChevronRight aria-hidden="true" />
        </Button>
      </p>
      <table>
        <AnswersHead of="Pupil" />
        <tbody>
          {marked.map(({ pupil, answers }, at) => {
            const asked = versions[pupil.version]?.[place];
            if (!asked) return null;
            const one = answers.get(asked.id) ?? null;
            const isHere = here === pupil.id || (here === null && at === 0);
            return (
              <tr key={pupil.id} className={isHere ? 'here' : ''}>
                <th scope="row" className="pupil">
                  {pupil.name}
                </th>
                <td className="asked">{askedWords(asked.question, school)}</td>
                <td className="answer">
                  <AnswerField
                    label={`Answer of ${pupil.name} to ${asked.label}`}
                    place={{ pile, pupil: pupil.id, question: asked.id }}
                    value={one?.entry.answer ?? ''}
                    isHere={isHere}
                    onHere={() => !isHere && onPupil(at)}
                    onEnter={(answer) => onEnter(pupil.id, asked.id, answer)}
                    onStep={(by) => onPupil(Math.min(marked.length - 1, Math.max(0, at + by)))}
                    onPupil={(by) => onPlace(Math.min(count - 1, Math.max(0, place + by)))}
                  />
                </td>
                <ResultCell
                  marked={one}
                  right={rightWords(asked.question, school)}
                  cause={causeName(one, school)}
                />
                <MarksCell marked={one} of={asked.marks} />
              </tr>
            );
          })}
        </tbody>
      </table>
    </TableStyle>
  );
}
