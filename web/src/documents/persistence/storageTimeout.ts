/** A database that does not answer for so long is taken for blocked. */
const PATIENCE_MS = 3000;

/** Waits for the database, but not for one that never answers: then it rejects as one that cannot be opened. */
export function withStorageTimeout<Value>(work: Promise<Value>): Promise<Value> {
  const late = new Promise<Value>((_, reject) => {
    setTimeout(
      () => reject(Object.assign(new Error('The database does not answer.'), { name: 'UnknownError' })),
      PATIENCE_MS,
    );
  });
  return Promise.race([work, late]);
}
