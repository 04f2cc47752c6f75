import type { Question } from '@diatonix/core';

/** What was typed, in the shape that the kind wants: chords of four voices are divided by bars. */
export function answerIn({ kind, answers }: Question, typed: string): unknown {
  if (kind === 'parts-complete' || kind === 'figures-realise')
    // Typed as they are printed: from the bass up.
    return typed.split('|').map((chord) => chord.trim().split(/\s+/).reverse());
  if (kind === 'parts-faults')
    return typed.split(/[;,]/).map((one) => {
      const [at, ...rule] = one.trim().split(/[:\s]+/);
      return { at: Number(at), rule: rule.join('-') };
    });
  if (kind === 'chord-map') {
    const rows = Object.keys((answers[0] ?? {}) as object);
    const cells = typed.split(';').map((row) => row.split(',').map((cell) => cell.trim()));
    return Object.fromEntries(rows.map((row, at) => [row, cells[at] ?? []]));
  }
  return typed;
}

/**
 * An answer as a pupil wrote it. A plus or a minus by itself is the teacher's own sign on a pile, for right or wrong
 * without more: a pupil who hands one in has not given it to oneself.
 */
export const fromPupil = (text: string): string =>
  /^[+-]$/.test(text.trim()) ? `“${text.trim()}”` : text.trim();

/** An answer in the shape of its kind as it is typed on the Marking bench; null for what is none. */
export function typedAnswer(kind: string, raw: unknown): string | null {
  if (typeof raw === 'string') return raw;
  if (typeof raw === 'number') return String(raw);
  if (Array.isArray(raw)) {
    if (kind === 'parts-faults')
      return raw.map((one) => `${String((one as Fault)?.at)}: ${String((one as Fault)?.rule)}`).join('; ');
    // Voices stand soprano first and are typed from the bass up.
    return raw
      .map((one) =>
        Array.isArray(one) ? [...(one as unknown[])].reverse().map(String).join(' ') : String(one),
      )
      .join(raw.some(Array.isArray) ? ' | ' : ' ');
  }
  if (typeof raw !== 'object' || raw === null) return null;
  const { root, quality, inversion, notes, numeral } = raw as Record<string, unknown>;
  if (typeof root === 'string')
    return [root, quality, INVERSIONS[Number(inversion ?? 0)] ?? ''].join(' ').trim();
  if (Array.isArray(notes) && kind === 'figures-name') return `${notes.join(' ')}: ${String(numeral ?? '')}`;
  if (kind !== 'chord-map') return null;
  const cell = (one: unknown) => (Array.isArray(one) ? one.join(' ') : String(one));
  return Object.values(raw)
    .map((row) => (Array.isArray(row) ? row.map(cell).join(', ') : String(row)))
    .join('; ');
}

interface Fault {
  readonly at?: unknown;
  readonly rule?: unknown;
}
const INVERSIONS = ['root position', 'first inversion', 'second inversion', 'third inversion'];
