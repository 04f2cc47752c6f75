import { className } from '../../documents/kinds/schoolClass/edit';
import { DateField } from '../../design/fields/DateField';
import type { IntervalWay, QUESTION_CHORD_WAYS } from '@diatonix/core';
import { documentsOf } from '../../documents/store/select';
import type { Scrap, SheetBody, StaffSize } from '../../documents/kinds/sheet/type';
import { useDocuments } from '../../documents/store/store';
import { optionsOf, SelectField } from '../../design/fields/SelectField';
import { MarginFields } from '../../parts/MarginFields';
import { setClass, setDate, setScrap, setSize, setWay } from './state';

const SIZES: Readonly<Record<StaffSize, string>> = { small: 'Small', usual: 'Usual', large: 'Large print' };
const ROOM: Readonly<Record<Scrap, string>> = {
  none: 'None',
  staff: 'A scratch staff',
  letters: 'Letters to stack',
};

const USUAL: readonly ['', string] = ['', 'the usual way'];
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
  const classes = useDocuments((state) => documentsOf(state.documents, 'class'));
  return (
    <MarginFields className="narrow" style={{ marginTop: '1.2rem' }}>
      <SelectField
        name="Class"
        value={body.classId ?? ''}
        options={[
          ['', 'any class'],
          ...classes.map(({ id, body: { name } }): [string, string] => [id, className(name)]),
        ]}
        onChoose={(id) => setClass(id === '' ? null : id)}
      />
      <label>
        Date
        <DateField name="Date" value={body.date ?? null} onChange={setDate} />
      </label>
      <SelectField name="Size" value={body.size ?? 'usual'} options={optionsOf(SIZES)} onChoose={setSize} />
      <SelectField
        name="Room to work"
        value={body.scrap ?? 'none'}
        options={optionsOf(ROOM)}
        onChoose={setScrap}
      />
      <SelectField
        name="Intervals by"
        value={body.ways?.intervals ?? ''}
        options={[USUAL, ...optionsOf(INTERVALS_BY)]}
        onChoose={(way) => setWay('intervals', way)}
      />
      <SelectField
        name="Chords by"
        value={body.ways?.chords ?? ''}
        options={[USUAL, ...optionsOf(CHORDS_BY)]}
        onChoose={(way) => setWay('chords', way)}
      />
    </MarginFields>
  );
}
