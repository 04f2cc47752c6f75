import { staffLayout } from '../../exercise/layout/questionOnPage';
import type { StaffLayout } from '../../exercise/layout/staffLayout';
import type { Sheet } from '../../exercise/sheet/sheet';
import { signatureAlteration, type Clef } from '../../key/scale';
import { accidentalsInBar } from '../../pitch/barAccidentals';
import { noteElements } from './elements';
import { CLEF_SIGNS } from './intervals';
import { el, musicXmlDocument, type XmlElement } from './xml';

/** Quarters of a whole note. */
const WHOLE = 4;
const STAVES = 2;

/**
 * Writes what stands on the staves of a sheet as MusicXML 4.0: a measure for each question under its number, with its
 * own clefs and signature, a whole note or chord for each moment. Questions in words alone are left out.
 */
export function sheetToMusicXml({ title, code, sections }: Sheet): string {
  const measures = sections.flatMap(({ questions }, at) =>
    questions.flatMap((question, place) => {
      const staff = staffLayout(question);
      return staff.clefs.length === 0 ? [] : [measureOf(staff, `${at + 1}.${place + 1}`)];
    }),
  );
  const numbered = measures.map((children, at) => el('measure', children, { number: at + 1 }));
  const empty = el('measure', [el('attributes', [el('divisions', [1])])], { number: 1 });
  return musicXmlDocument({ title, source: code }, [
    { name: 'Sheet', measures: numbered.length > 0 ? numbered : [empty] },
  ]);
}

function measureOf({ clefs, fifths, staves }: StaffLayout, label: string): XmlElement[] {
  const count = Math.max(1, staves[0]!.length);
  const length = count * WHOLE;
  // A question on one staff leaves the second empty.
  const both: readonly Clef[] = [clefs[0]!, clefs[1] ?? 'bass'];
  const attributes = el('attributes', [
    el('divisions', [1]),
    el('key', [el('fifths', [fifths])]),
    el('time', [el('beats', [length]), el('beat-type', [4])]),
    el('staves', [STAVES]),
    ...both.map((clef, at) => {
      const [sign, line] = CLEF_SIGNS[clef];
      return el('clef', [el('sign', [sign]), el('line', [line])], { number: at + 1 });
    }),
  ]);
  const words = el('direction', [el('direction-type', [el('words', [label])]), el('staff', [1])], {
    placement: 'above',
  });
  const voices = Array.from({ length: STAVES }, (_, at) => {
    const moments = staves[at] ?? [];
    const signs = accidentalsInBar(moments, (step) => signatureAlteration(fifths, step));
    const back = at === 0 ? [] : [el('backup', [el('duration', [length])])];
    return [
      ...back,
      ...Array.from({ length: count }, (_unused, moment) =>
        noteElements({
          notes: moments[moment] ?? [],
          signs: signs[moment] ?? [],
          divisions: WHOLE,
          value: { part: 1, dots: 0 },
          voice: at + 1,
          staff: at + 1,
          stem: null,
          tiedFrom: [],
          tiedTo: [],
          fermata: false,
          lyric: null,
        }),
      ).flat(),
    ];
  });
  return [attributes, words, ...voices.flat()];
}
