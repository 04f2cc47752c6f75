/** Answers that are being typed on the Marking bench: kept with every letter, and gone once they are entered. */
import { create } from 'zustand';
import { database, type DraftRow } from '../persistence/database';
import { flush } from '../persistence/saving';
import { useDocuments } from '../store/store';

/** An answer in its place. */
export type DraftPlace = Pick<DraftRow, 'pile' | 'pupil' | 'question'>;

const useDrafts = create<{ readonly texts: Readonly<Record<string, string>> }>()(() => ({ texts: {} }));

/** A copy of a workbook has the same piles: the workbook belongs to the place. */
const keyOf = ({ pile, pupil, question }: DraftPlace) =>
  `${useDocuments.getState().workbook.id} ${pile} ${pupil} ${question}`;

/** What is typed and not entered at a place; undefined where nothing is. */
export const useDraft = (place: DraftPlace): string | undefined =>
  useDrafts(({ texts }) => texts[keyOf(place)]);
export const draftAt = (place: DraftPlace): string | undefined => useDrafts.getState().texts[keyOf(place)];

/** Brings back what was typed on a pile and not entered. Where nothing can be read there is none. */
export async function loadDrafts(pile: string): Promise<void> {
  try {
    const rows = await database().drafts.where('pile').equals(pile).toArray();
    const { id } = useDocuments.getState().workbook;
    const own = rows.filter((row) => row.id.startsWith(`${id} `));
    const found = Object.fromEntries(own.map((row) => [row.id, row.text]));
    // What was typed meanwhile is newer.
    useDrafts.setState(({ texts }) => ({ texts: { ...found, ...texts } }));
  } catch {
    // A browser that keeps nothing has kept no draft either.
  }
}

/** Writing begins so long after a letter: so it is on the disk well before 150 ms have gone by. */
const SOON_MS = 25;
let waiting = new Map<string, DraftRow | null>();
let timer: ReturnType<typeof setTimeout> | null = null;
let writing: Promise<void> = Promise.resolve();

/** Keeps what is typed; with null it is forgotten. */
export function keepDraft(place: DraftPlace, text: string | null): void {
  const key = keyOf(place);
  useDrafts.setState(({ texts }) => {
    const { [key]: old, ...others } = texts;
    if (text === null) return old === undefined ? { texts } : { texts: others };
    return { texts: { ...texts, [key]: text } };
  });
  const { pile, pupil, question } = place;
  waiting.set(key, text === null ? null : { id: key, pile, pupil, question, text });
  timer ??= setTimeout(write, SOON_MS);
}

function write(): void {
  timer = null;
  const rows = waiting;
  waiting = new Map();
  const { drafts } = database();
  writing = writing
    .then(async () => {
      await drafts.bulkPut([...rows.values()].filter((row) => row !== null));
      await drafts.bulkDelete([...rows].filter(([, row]) => row === null).map(([id]) => id));
    })
    // Full or blocked storage is said of the workbook, which is saved with the answer when it is entered.
    .catch(() => undefined);
}

/** Waits until everything that was typed is written; for tests. */
export async function draftsWritten(): Promise<void> {
  if (timer !== null) {
    clearTimeout(timer);
    write();
  }
  await writing;
}

/** What was entered is no draft any more, once the answer itself is saved. */
export async function draftEntered(place: DraftPlace, text: string): Promise<void> {
  await flush();
  const { saveState } = useDocuments.getState();
  if (saveState.kind === 'saved' && (draftAt(place) ?? text).trim() === text) keepDraft(place, null);
}
