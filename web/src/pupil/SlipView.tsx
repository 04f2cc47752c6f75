interface HandedBack {
  readonly got?: unknown;
  readonly of?: unknown;
  readonly wrong?: unknown;
  readonly marks?: unknown;
  readonly practise?: unknown;
}

interface Wrong {
  readonly label?: unknown;
  readonly asked?: unknown;
  readonly wrote?: unknown;
  readonly right?: unknown;
  readonly notes?: unknown;
  readonly working?: unknown;
}

/** A slip as it came; empty where it is none. */
function slipIn(text: string): HandedBack {
  try {
    const data: unknown = JSON.parse(text);
    return typeof data === 'object' && data !== null ? data : {};
  } catch {
    return {};
  }
}

const words = (value: unknown) =>
  typeof value === 'string' || typeof value === 'number' ? String(value) : '';

/** What the teacher handed back: the marks, and for each answer that was not right what is, and why. */
export function SlipView({ text }: { readonly text: string }) {
  const { got, of, wrong, marks, practise } = slipIn(text);
  const list = Array.isArray(wrong) ? (wrong as readonly Wrong[]) : [];
  return (
    <section className="slip" aria-labelledby="slip-title">
      <h2 id="slip-title">
        Handed back: {words(got)} of {words(of)}
      </h2>
      {list.length > 0 && (
        <ol>
          {list.map(({ label, asked, wrote, right, notes, working }, at) => (
            <li key={at}>
              <b>{words(label)}</b> {words(asked)}: you wrote <em>{words(wrote)}</em>
              {words(right) !== words(wrote) && (
                <>
                  , right is <b>{words(right)}</b>
                </>
              )}
              . {Array.isArray(notes) && notes.map(words).join(' ')}
              {words(working) !== '' && <p className="soft">{words(working)}</p>}
            </li>
          ))}
        </ol>
      )}
      {words(marks) !== '' && <p className="soft">{words(marks)}</p>}
      <p>{words(practise)}</p>
    </section>
  );
}
