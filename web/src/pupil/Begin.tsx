import { JoinClass } from './JoinClass';
import { NameField } from './NameField';
import { begin, chooseOwnVersion, giveName, isReady, openFile, putAway, usePupil } from './work';

/** Before the sheet: the file is opened, the version chosen, the name written. */
export function Begin() {
  const { work, problem } = usePupil();
  const hasVersion = work?.names?.some(({ name }) => name === work.name) ?? false;
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
          <NameField name={work.name} names={(work.names ?? []).map(({ name }) => name)} onName={giveName} />
          {work.sheets.length > 1 && !hasVersion && (
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
