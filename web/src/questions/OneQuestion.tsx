import { answeredStaff, staffLayout, type LabelStyle, type Question } from '@diatonix/core';
import { frameOf, questionStaff } from '@diatonix/engraving';
import { useEngraver } from '../notation/useEngraver';
import { QuestionCell } from './QuestionCell';
import { SheetStyle } from './SheetStyle';

interface OneQuestionProps {
  readonly question: Question;
  readonly number: number;
  readonly school: LabelStyle;
  /** Whether its answer stands there. */
  readonly answers?: boolean;
  /** The most room that it takes; as much as there is where nothing is said. */
  readonly width?: string;
}

/** A question by itself, as it stands on a page. */
export function OneQuestion({ question, number, school, answers = false, width }: OneQuestionProps) {
  const engraver = useEngraver();
  const layout = staffLayout(question);
  const frame = frameOf(answers ? [layout, answeredStaff(question)] : [layout]);
  return (
    <SheetStyle style={width === undefined ? {} : { maxWidth: width }}>
      <QuestionCell
        {...{ question, number, frame, engraver, school, answers }}
        staff={engraver && frame ? questionStaff(engraver, frame, layout) : null}
        scrap="none"
        selected={false}
        onSelect={null}
      />
    </SheetStyle>
  );
}
