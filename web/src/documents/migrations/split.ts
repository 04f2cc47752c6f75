import { record, type Body } from './steps';

/** A document as it stands in a file or a row, not yet checked. */
export interface RawDocument {
  readonly id: unknown;
  readonly kind: unknown;
  readonly body: unknown;
}

/** A workbook in documents, not yet checked; `desk` is what its benches showed. */
export interface RawWorkbook {
  readonly title: unknown;
  readonly documents: readonly RawDocument[];
  readonly desk: Body;
}

/** Version 4 to 5: one object becomes documents, and what the benches show is kept apart. Frozen as the steps are. */
export function splitWorkbook(workbook: Body, place: Body = {}): RawWorkbook {
  const { view: keyView, ...key } = record(workbook['keyBench']);
  const { way, ...intervals } = record(workbook['intervals']);
  const { view: chordView, ...chord } = record(workbook['chords']);
  const singles: RawDocument[] = [
    { id: 'key', kind: 'key', body: { ...key, print: { ...record(key['print']), taughtOnly: false } } },
    { id: 'intervals', kind: 'intervals', body: intervals },
    { id: 'chord', kind: 'chord', body: chord },
    { id: 'labels', kind: 'labels', body: { ...record(workbook['school']), cadences: 'authentic' } },
  ];
  const taken = new Set(singles.map(({ id }) => id));
  const many = (kind: string, list: unknown): RawDocument[] =>
    Array.isArray(list)
      ? list.map((one): RawDocument => {
          if (typeof one !== 'object' || one === null)
            return { id: freeId(null, kind, taken), kind, body: one };
          const { id, ...body } = one as Body;
          return { id: freeId(id, kind, taken), kind, body };
        })
      : [];
  const documents = [
    ...singles,
    ...many('class', workbook['classes']),
    ...many('progression', workbook['progressions']),
  ];
  const desk = {
    shell: { bench: place['bench'] },
    notes: { open: place['notePanel'] },
    key: { view: keyView, column: place['keyColumn'] },
    intervals: { way, column: place['intervalColumn'] },
    chords: { view: chordView },
    class: { open: workbook['openClass'] },
    progressions: { open: workbook['openProgression'], column: place['progressionColumn'] },
  };
  return { title: workbook['title'], documents, desk };
}

/** The id that a document had, or another where it had none or one that is taken. */
function freeId(id: unknown, kind: string, taken: Set<unknown>): string {
  const wanted = typeof id === 'string' && id !== '' ? id : kind;
  let free = wanted;
  for (let count = 2; taken.has(free); count++) free = `${wanted}-${count}`;
  taken.add(free);
  return free;
}
