import {
  addMember,
  ADDABLE_DEGREES,
  attempt,
  changeMember,
  displayNoteName,
  memberNote,
  memberWord,
  printMember,
  printSymbol,
  turnThird,
  type Chord,
  type Member,
  type MemberChange,
  type LabelStyle,
} from '@diatonix/core';
import { MoveVertical, X } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Toggle } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { Problem } from '../../design/Problem';
import { toggleDoubled } from './state';
import { part } from '../../design/part';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));
const ADDABLE = ADDABLE_DEGREES.map((degree) => ({ id: String(degree), name: memberWord({ degree }) }));

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.35rem 0.9rem;
  margin: 0.2rem 0 0.85rem;
  .member {
    display: inline-flex;
    align-items: center;
    gap: 0.2rem;
  }
  .member > span {
    margin-right: 0.15rem;
    font-size: 0.875rem;
    color: var(--soft);
  }
  .member b {
    color: var(--ink);
    font:
      600 1rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  .member button {
    min-height: 1.6rem;
    padding: 0.1rem 0.35rem;
  }
`;

interface MembersProps {
  readonly chord: Chord;
  readonly school: LabelStyle;
  readonly doubled: readonly string[];
  /** Puts the changed chord; `asked` is the symbol of the one before, for the working to compare with. */
  readonly onChange: (chord: Chord, asked: string) => void;
}

/** The members of the chord, each to be lowered, raised, left out or doubled, and others to be added. */
export function Members({ chord, school, doubled, onChange }: MembersProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const change = (work: () => Chord) => {
    const changed = attempt(work);
    setProblem(changed.ok ? null : changed.error.message);
    if (changed.ok)
      onChange(
        changed.value,
        printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols }),
      );
  };
  const does = (member: Member, how: MemberChange) => () => change(() => changeMember(chord, member, how));
  return (
    <>
      <Row role="group" aria-label="Members of the chord">
        {chord.members.map((member) => {
          const text = printMember(member);
          const word = memberWord(member);
          return (
            <span key={text} className="member">
              <span>
                {word} <b>{displayNoteName(memberNote(chord.root, member), school.letters)}</b>
              </span>
              {member.degree !== 1 && (
                <>
                  <Button aria-label={`Lower the ${word}`} onPress={does(member, 'lower')}>
                    ♭
                  </Button>
                  <Button aria-label={`Raise the ${word}`} onPress={does(member, 'raise')}>
                    ♯
                  </Button>
                </>
              )}
              <Button aria-label={`Leave the ${word} out`} onPress={does(member, 'leave-out')}>
                <X aria-hidden="true" />
              </Button>
              <Toggle
                aria-label={`Double the ${word}`}
                isSelected={doubled.includes(text)}
                onChange={() => toggleDoubled(text)}
              >
                2×
              </Toggle>
            </span>
          );
        })}
        <Drop
          label="Add a member"
          opens="menu"
          drop={(dropped) => (
            <MenuPopover
              {...dropped}
              label="Add a member"
              entries={ADDABLE}
              onAction={(id) => change(() => addMember(chord, Number(id)))}
            />
          )}
        >
          Add
        </Drop>
      </Row>
      {problem && <Problem>{problem}</Problem>}
    </>
  );
}

/** The middle note moved between major and minor. */
export function TurnThird({ chord, school, onChange }: Omit<MembersProps, 'doubled'>) {
  const turned = attempt(() => turnThird(chord));
  if (!turned.ok || !turned.value) return null;
  const other = turned.value;
  const symbol = (one: Chord) =>
    printSymbol(one, { glyphs: true, letters: school.letters, school: school.symbols });
  return (
    <Button onPress={() => onChange(other, symbol(chord))}>
      <MoveVertical aria-hidden="true" /> Move the third: {symbol(other)}
    </Button>
  );
}
