import { useEffect, useState } from 'react';
import { join, useClass } from './classwork';

/** The code that stands after the address, as the picture at the board has it. */
const codeInAddress = () => /^#([A-Za-z]{6})$/.exec(location.hash)?.[1]?.toUpperCase() ?? '';

/** Joining the class of this network, by the code at the board and a name. */
export function JoinClass() {
  const offered = useClass((state) => state.offered);
  const joining = useClass((state) => state.joining);
  const [code, setCode] = useState(codeInAddress);
  const [name, setName] = useState('');
  useEffect(() => {
    // The picture at the board of another class is opened in the tab that is there.
    const look = () => setCode((before) => codeInAddress() || before);
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
  if (!offered) return null;
  const ready = code.trim() !== '' && name.trim() !== '';
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
      <label>
        Your name
        <input
          value={name}
          autoComplete="off"
          maxLength={60}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <div className="row">
        <button className="main" disabled={!ready || joining}>
          {joining ? 'Joining…' : 'Join'}
        </button>
        <span className="soft">Your name and answers go to your teacher’s page, and to nobody else.</span>
      </div>
      <h2>Or with a file</h2>
    </form>
  );
}
