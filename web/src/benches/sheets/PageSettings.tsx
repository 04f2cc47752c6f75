import { listOf } from '../../documents/select';
import type { Scrap, SheetBody, StaffSize } from '../../documents/kinds/sheet';
import { useDocuments } from '../../documents/store';
import { MarginFields } from './MarginFields';
import { setClass, setDate, setScrap, setSize } from './state';

const SIZES: Readonly<Record<StaffSize, string>> = { small: 'Small', usual: 'Usual', large: 'Large print' };
const ROOM: Readonly<Record<Scrap, string>> = {
  none: 'None',
  staff: 'A scratch staff',
  letters: 'Letters to stack',
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
        Working
        <select value={body.scrap ?? 'none'} onChange={(event) => setScrap(event.target.value as Scrap)}>
          {Object.entries(ROOM).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
    </MarginFields>
  );
}
