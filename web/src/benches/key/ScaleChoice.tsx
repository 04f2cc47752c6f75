import { keyOf as keyFrom, printKey, type Key, type Mode, type ScaleForm } from '@diatonix/core';
import { Choice } from '../../design/Choice';
import { chooseScale } from './state';

const SCALES = [
  { id: 'major', name: 'Major' },
  { id: 'minor natural', name: 'Natural minor' },
  { id: 'minor harmonic', name: 'Harmonic minor' },
  { id: 'minor beside', name: 'Natural beside harmonic' },
  { id: 'minor melodic', name: 'Melodic minor' },
  { id: 'dorian', name: 'Dorian' },
  { id: 'phrygian', name: 'Phrygian' },
  { id: 'lydian', name: 'Lydian' },
  { id: 'mixolydian', name: 'Mixolydian' },
  { id: 'locrian', name: 'Locrian' },
] as const;

/** The scale on the tonic: major, the three forms of minor, or a church mode. */
export function ScaleChoice({ keyOf, form, beside }: { keyOf: Key; form: ScaleForm; beside: boolean }) {
  const value = keyOf.mode === 'minor' ? (`minor ${beside ? 'beside' : form}` as const) : keyOf.mode;
  const choose = (id: string) => {
    const [mode, wanted = form] = id.split(' ') as [Mode, (ScaleForm | 'beside')?];
    const both = wanted === 'beside';
    chooseScale(printKey(keyFrom(keyOf.tonic, mode)), both ? 'natural' : wanted, both);
  };
  return <Choice label="Scale" value={value} options={SCALES} onChoose={choose} />;
}
