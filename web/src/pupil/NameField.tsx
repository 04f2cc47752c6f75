import { useState } from 'react';
import { nameProblem } from '@diatonix/server/class';

interface NameFieldProps {
  readonly name: string;
  /** The names that one can choose from; none where names are typed. */
  readonly names: readonly string[];
  readonly onName: (name: string) => void;
}

/** No name: a name has no sign of this kind. */
const OTHER = '\u0000';

/** The pupil's own name: chosen from those of the class, or typed where there are none or it is not among them. */
export function NameField({ name, names, onName }: NameFieldProps) {
  const [isOther, setOther] = useState(name !== '' && !names.includes(name));
  const types = names.length === 0 || isOther;
  const wrong = types && name !== '' ? nameProblem(name) : null;
  return (
    <>
      {names.length > 0 && (
        <label>
          Who you are
          <select
            value={isOther ? OTHER : name}
            onChange={({ target: { value } }) => {
              setOther(value === OTHER);
              onName(value === OTHER ? '' : value);
            }}
          >
            <option value="">Choose…</option>
            {names.map((one) => (
              <option key={one}>{one}</option>
            ))}
            <option value={OTHER}>My name is not here</option>
          </select>
        </label>
      )}
      {types && (
        <label>
          Your name
          <input
            value={name}
            autoComplete="off"
            aria-describedby="name-problem"
            onChange={(event) => onName(event.target.value)}
          />
        </label>
      )}
      <p id="name-problem" className="problem" role="status" hidden={wrong === null}>
        {wrong}
      </p>
    </>
  );
}
