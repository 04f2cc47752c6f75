import { nameProblem } from '@diatonix/server/class';
import { JoinClass } from './JoinClass';
import { begin, chooseOwnVersion, giveName, isReady, openFile, putAway, usePupil } from './work';

/** Before the sheet: the file is opened, the version chosen, the name written. */
export function Begin() {
  const { work, problem } = usePupil();
  const wrong = work && work.name !== '' ? nameProblem(work.name) : null;
  const read = async (file: File | undefined) => {
    if (file) await openFile(file.name, await file.text());
  };
  return (
    <>
      <h1>{work ? work.sheets[0]!.title || 'A sheet' : 'A sheet from your teacher'}</h1>
      {problem !== '' && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      {work === null && <JoinClass />}
      {work === null && (
        <p>
          Open the file that your teacher gave you. You answer here, also without a network; at the end you
          get one file, which you give back. Everything stays on this device.
        </p>
      )}
      {work === null ? (
        <label className="file">
          Open the file of the sheet
          <input
            className="visually-hidden"
            type="file"
            accept=".json,application/json"
            onChange={(event) => void read(event.target.files?.[0])}
          />
        </label>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            begin();
          }}
        >
          {work.sheets.length > 1 && (
            <label>
              Your version, as your teacher said
              <select
                value={work.version ?? ''}
                onChange={(event) =>
                  event.target.value !== '' && chooseOwnVersion(Number(event.target.value))
                }
              >
                <option value="">Choose…</option>
                {work.sheets.map(({ version }, at) => (
                  <option key={version} value={at}>
                    Version {version}
                  </option>
                ))}
              </select>
            </label>
          )}
          <label>
            Your name
            <input
              value={work.name}
              autoComplete="off"
              aria-describedby="name-problem"
              onChange={(event) => giveName(event.target.value)}
            />
          </label>
          <p id="name-problem" className="problem" role="status" hidden={wrong === null}>
            {wrong}
          </p>
          <div className="row">
            <button className="main" disabled={!isReady(work)}>
              Begin
            </button>
            <button type="button" onClick={putAway}>
              Another file
            </button>
          </div>
        </form>
      )}
    </>
  );
}
