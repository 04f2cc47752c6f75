import { Checkbox } from '../../design/fields/Checkbox';
import { SelectField } from '../../design/fields/SelectField';
import { dayWords } from '../../design/dates';
import { TextInput } from '../../design/fields/TextInput';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import type { ClassPupil, SchoolClass } from '../../documents/kinds/schoolClass/type';
import { today } from '../../documents/store/today';
import { NamesField } from '../../parts/NamesField';
import { LogbookStyle } from './LogbookStyle';
import { className, deleteClass, renameClass } from '../../documents/kinds/schoolClass/edit';
import { addClassPupils, changePupil, deletePupil, movePupil, renamePupilOfClass } from './state';

interface PupilsProps {
  readonly body: SchoolClass;
  /** The other classes, to which a pupil can move. */
  readonly others: readonly { readonly id: string; readonly name: string }[];
}

/** What the class is called, and how it is deleted. */
function ClassName({ name }: { readonly name: string }) {
  const [sure, setSure] = useState(false);
  return (
    <div className="class-row">
      <label>
        Name of the class
        <TextInput value={name} maxLength={60} onChange={(event) => renameClass(event.target.value)} />
      </label>
      {sure ? (
        <span className="sure" role="alert">
          Delete {className(name)} with its list and lessons? Its piles stay.{' '}
          <Button onPress={deleteClass}>Delete</Button> <Button onPress={() => setSure(false)}>Keep</Button>
        </span>
      ) : (
        <Button onPress={() => setSure(true)}>
          <Trash2 aria-hidden="true" /> Delete the class
        </Button>
      )}
    </div>
  );
}

/** The pupils of a class: renamed, noted, moved, left, or deleted with all that they answered. */
export function Pupils({ body, others }: PupilsProps) {
  const [asked, setAsked] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <LogbookStyle>
      <ClassName name={body.name} />
      <h2>Pupils</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Name</th>
            <th scope="col">Since</th>
            <th scope="col">Note</th>
            <th scope="col">Left</th>
            {others.length > 0 && <th scope="col">Class</th>}
            <th scope="col">
              <span className="visually-hidden">Delete</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {(body.pupils ?? []).map((pupil: ClassPupil) => (
            <tr key={pupil.id}>
              <th scope="row">
                <span className="visually-hidden">{pupil.name}</span>
                <TextInput
                  key={pupil.name}
                  aria-label={`Name of ${pupil.name}`}
                  defaultValue={pupil.name}
                  maxLength={80}
                  onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                  onBlur={({ currentTarget }) => {
                    const wrong = renamePupilOfClass(pupil, currentTarget.value);
                    setProblem(wrong);
                    if (wrong !== null) currentTarget.value = pupil.name;
                  }}
                />
              </th>
              <td>{dayWords(pupil.since)}</td>
              <td>
                <TextInput
                  aria-label={`Note on ${pupil.name}`}
                  value={pupil.note}
                  maxLength={500}
                  onChange={(event) => changePupil(pupil.id, { note: event.target.value })}
                />
              </td>
              <td>
                <Checkbox
                  aria-label={`${pupil.name} has left`}
                  isSelected={pupil.left}
                  onChange={(left) => changePupil(pupil.id, { left })}
                />
              </td>
              {others.length > 0 && (
                <td>
                  <SelectField
                    isNamed
                    name={`Move ${pupil.name} to another class`}
                    value={null}
                    placeholder="Move to…"
                    options={others.map(({ id, name }) => [id, name] as const)}
                    onChoose={(id) => setProblem(movePupil(pupil, id))}
                  />
                </td>
              )}
              <td>
                {asked === pupil.id ? (
                  <span className="sure" role="alert">
                    Delete {pupil.name} with every answer?{' '}
                    <Button onPress={() => deletePupil(pupil)}>Delete</Button>{' '}
                    <Button onPress={() => setAsked(null)}>Keep</Button>
                  </span>
                ) : (
                  <Button aria-label={`Delete ${pupil.name}`} onPress={() => setAsked(pupil.id)}>
                    <Trash2 aria-hidden="true" />
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {problem && <Problem>{problem}</Problem>}
      {others.length > 0 && <p>Answers of a pupil who moves stay in the log of this class.</p>}
      <NamesField onAdd={(names) => addClassPupils(names, today())} />
    </LogbookStyle>
  );
}
