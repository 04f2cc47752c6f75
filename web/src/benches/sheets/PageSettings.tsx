import { INTERVAL_WAYS, QUESTION_CHORD_WAYS, type IntervalWay } from '@diatonix/core';
import { listOf } from '../../documents/select';
import type { Scrap, SheetBody, StaffSize } from '../../documents/kinds/sheet';
import { useDocuments } from '../../documents/store';
import { MarginFields } from './MarginFields';
import { setClass, setDate, setScrap, setSize, setWay } from './state';

const SIZES: Readonly<Record<StaffSize, string>> = { small: 'Small', usual: 'Usual', large: 'Large print' };
const ROOM: Readonly<Record<Scrap, string>> = {
  none: 'None',
  staff: 'A scratch staff',
  letters: 'Letters to stack',
};

const INTERVALS_BY: Readonly<Record<IntervalWay, string>> = {
  scale: 'the major scale',
  strip: 'letters without signs',
  'half-steps': 'counted half steps',
  inversion: 'turning it round',
};
const CHORDS_BY: Readonly<Record<(typeof QUESTION_CHORD_WAYS)[number], string>> = {
  formula: 'the major scale',
  'half-steps': 'counted half steps',
};

/** Whom the sheet is for and how it looks: the class, the date, the size of its staves, room for working. */
export function PageSettings({ body }: { body: SheetBody }) {
  const classes = useDocuments((state) => listOf(state.documents, 'class'));
  return (
    <MarginFields className="narrow" style={{ marginTop: '1.2rem' }}>
      <label>
        Class
        <select
          value={body.classId ?? ''}
          onChange={(event) => setClass(event.target.value === '' ? null : event.target.value)}
        >
          <option value="">any class</option>
          {classes.map(({ id, body: { name } }) => (
            <option key={id} value={id}>
              {name.trim() === '' ? 'Unnamed class' : name}
            </option>
          ))}
        </select>
      </label>
      <label>
        Date
        <input type="date" value={body.date ?? ''} onChange={(event) => setDate(event.target.value)} />
      </label>
      <label>
        Size
        <select value={body.size ?? 'usual'} onChange={(event) => setSize(event.target.value as StaffSize)}>
          {Object.entries(SIZES).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label>
        Room to work
        <select value={body.scrap ?? 'none'} onChange={(event) => setScrap(event.target.value as Scrap)}>
          {Object.entries(ROOM).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label>
        Intervals by
        <select
          value={body.ways?.intervals ?? ''}
          onChange={(event) => setWay('intervals', event.target.value)}
        >
          <option value="">the usual way</option>
          {INTERVAL_WAYS.map((way) => (
            <option key={way} value={way}>
              {INTERVALS_BY[way]}
            </option>
          ))}
        </select>
      </label>
      <label>
        Chords by
        <select value={body.ways?.chords ?? ''} onChange={(event) => setWay('chords', event.target.value)}>
          <option value="">the usual way</option>
          {QUESTION_CHORD_WAYS.map((way) => (
            <option key={way} value={way}>
              {CHORDS_BY[way]}
            </option>
          ))}
        </select>
      </label>
    </MarginFields>
  );
}
