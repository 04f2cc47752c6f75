import { keyOf as keyFrom, printKey, type Key, type Mode, type ScaleForm } from '@diatonix/core';
import { Choice } from '../../design/Choice';
import { useStore } from '../../workbook/store';

const SCALES = [
  { id: 'major', name: 'Major' },
  { id: 'minor natural', name: 'Natural minor' },
  { id: 'minor harmonic', name: 'Harmonic minor' },
  { id: 'minor melodic', name: 'Melodic minor' },
  { id: 'dorian', name: 'Dorian' },
  { id: 'phrygian', name: 'Phrygian' },
  { id: 'lydian', name: 'Lydian' },
  { id: 'mixolydian', name: 'Mixolydian' },
  { id: 'locrian', name: 'Locrian' },
] as const;

/** The scale on the tonic: major, the three forms of minor, or a church mode. */
export function ScaleChoice({ keyOf, form }: { keyOf: Key; form: ScaleForm }) {
  const chooseScale = useStore((state) => state.chooseScale);
  const value = keyOf.mode === 'minor' ? (`minor ${form}` as const) : keyOf.mode;
  const choose = (id: string) => {
    const [mode, wanted] = id.split(' ') as [Mode, ScaleForm?];
    chooseScale(printKey(keyFrom(keyOf.tonic, mode)), wanted ?? form);
  };
  return <Choice label="Scale" value={value} options={SCALES} onChoose={choose} />;
}
