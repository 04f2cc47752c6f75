import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../design/controls';
import type { ClassPupil, SchoolClass } from '../../documents/kinds/schoolClass';
import { today } from '../../documents/today';
import { NamesField } from '../../parts/NamesField';
import { LogbookStyle } from './LogbookStyle';
import { addClassPupils, changePupil, deletePupil } from './state';

/** The pupils of a class: noted, left, or deleted with all that they answered. */
export function Pupils({ body }: { body: SchoolClass }) {
  const [asked, setAsked] = useState<string | null>(null);
  return (
    <LogbookStyle>
      <h2>Pupils</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Name</th>
            <th scope="col">Since</th>
            <th scope="col">Note</th>
            <th scope="col">Left</th>
            <th scope="col">
              <span className="visually-hidden">Delete</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {(body.pupils ?? []).map((pupil: ClassPupil) => (
            <tr key={pupil.id}>
              <th scope="row">{pupil.name}</th>
              <td>{pupil.since}</td>
              <td>
                <input
                  aria-label={`Note on ${pupil.name}`}
                  value={pupil.note}
                  maxLength={500}
                  onChange={(event) => changePupil(pupil.id, { note: event.target.value })}
                />
              </td>
              <td>
                <input
                  type="checkbox"
                  aria-label={`${pupil.name} has left`}
                  checked={pupil.left}
                  onChange={(event) => changePupil(pupil.id, { left: event.target.checked })}
                />
              </td>
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
      <NamesField onAdd={(names) => addClassPupils(names, today())} />
    </LogbookStyle>
  );
}
