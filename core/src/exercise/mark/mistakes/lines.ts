import { attempt } from '../../../errors';
import { parseInterval } from '../../../interval/interval';
import { parseKey, printedFifths } from '../../../key/key';
import { atPosition } from '../../../key/scale';
import { staffPosition } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import type { Mistake } from '../mistake';

const inKey: Mistake = {
  id: 'moved-within-the-key',
  kinds: ['transpose'],
  slips(_, given) {
    const by = attempt(() => parseInterval(String(given['by'])));
    if (!by.ok) return [];
    const steps = (by.value.number - 1) * (given['below'] === true ? -1 : 1);
    const fifths = printedFifths(parseKey(String(given['key'])));
    // The letters are moved, and the old signature stays.
    return [
      (given['notes'] as string[]).map((text) =>
        printNote(atPosition(staffPosition(parseNote(text)) + steps, fifths)),
      ),
    ];
  },
};

const octaveOff: Mistake = {
  id: 'octave-off',
  kinds: ['interval-build', 'note-name', 'transpose', 'inversion-turn'],
  slips(right) {
    const moved = (text: string, by: number) => {
      const note = parseNote(text);
      return printNote({ ...note, octave: note.octave + by });
    };
    return [1, -1].map((by) =>
      Array.isArray(right) ? (right as string[]).map((text) => moved(text, by)) : moved(String(right), by),
    );
  },
};

const oneAccidental: Mistake = {
  id: 'accidental-left-out',
  kinds: ['interval-build', 'note-name', 'transpose', 'inversion-turn', 'scale-write'],
  slips(right) {
    const plain = (text: string) => text.replace(/^([A-G])[#b]+/, '$1');
    if (!Array.isArray(right)) return [plain(String(right))];
    const notes = right as string[];
    const one = notes.map((_, at) => notes.map((text, index) => (index === at ? plain(text) : text)));
    return [...one, notes.map(plain)];
  },
};

/** What goes wrong with notes and lines of notes as they are written, the likeliest first. */
export const LINE_MISTAKES: readonly Mistake[] = [inKey, oneAccidental, octaveOff];
