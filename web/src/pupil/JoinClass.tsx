import { useEffect, useState } from 'react';
import { nameProblem } from '@diatonix/server/class';
import { NameField } from './NameField';
import { join, leave, lookForNames, useClass } from './classwork';

/** The code that stands after the address, as the picture at the board has it. */
const codeInAddress = () => /^#([A-Za-z]{6})$/.exec(location.hash)?.[1]?.toUpperCase() ?? '';

const CODE_LETTERS = 6;

/** Joining the class of this network, by the code at the board and a name. */
export function JoinClass() {
  const offered = useClass((state) => state.offered);
  const joining = useClass((state) => state.joining);
  const waiting = useClass((state) => state.waiting);
  const [code, setCode] = useState(codeInAddress);
  const [name, setName] = useState('');
  const choice = useClass((state) => state.choice);
  const plain = code.replace(/[^A-Z]/g, '');
  useEffect(() => {
    if (offered && plain.length === CODE_LETTERS) lookForNames(plain);
  }, [offered, plain]);
  const names = choice?.code === plain ? choice.names : [];
  const problem = choice?.code === plain ? choice.problem : '';
  useEffect(() => {
    // The picture at the board of another class is opened in the tab that is there.
    const look = () => setCode((before) => codeInAddress() || before);
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
  if (!offered) return null;
  const wrong = name === '' ? null : nameProblem(name);
  const ready = code.trim() !== '' && name.trim() !== '' && wrong === null;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (ready && !joining) join(code, name);
      }}
    >
      <h2>Join your class</h2>
      <label>
        The code at the board
        <input
          value={code}
          className="code"
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          maxLength={12}
          onChange={(event) => setCode(event.target.value.toUpperCase())}
        />
      </label>
      {problem !== '' && (
        <p className="problem" role="status">
          {problem}
        </p>
      )}
      <NameField name={name} names={names} onName={setName} />
      <div className="row">
        <button className="main" disabled={!ready || joining}>
          {joining ? 'Joining…' : 'Join'}
        </button>
        {waiting !== '' && (
          <span role="status">
            {waiting}{' '}
            <button type="button" onClick={leave}>
              Stop
            </button>
          </span>
        )}
        <span className="soft">Your name and answers go to your teacher’s page, and to nobody else.</span>
      </div>
      <h2>Or with a file</h2>
    </form>
  );
}
