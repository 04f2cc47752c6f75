import {
  answeredStaff,
  blankLines,
  changedKey,
  keyWords,
  parseKey,
  kindOf,
  layoutOf,
  LETTER_STACKS,
  promptParts,
  type AnswerFormName,
  type PromptPart,
  type QuestionLayout,
  staffLayout,
  underStaff,
  type Question,
  type LabelStyle,
} from '@diatonix/core';
import SVGtoPDF from 'svg-to-pdfkit';
import type { Engraver } from '../engraver';
import { questionStaff, type QuestionStaff } from '../questionStaff';
import type { StaffFrame } from '../types';
import { drawMap } from './chordMap';
import { numeralWidth, numeralInPdf, signed, writeFigures, writeNumeral } from './numeral';
import { INK, RED, SOFT, type TextStyle, type Writer } from './writer';

/** How the cells of a section are drawn. */
export interface CellLook {
  readonly engraver: Engraver;
  readonly school: LabelStyle;
  /** Points for a unit of a staff, and for sizes of text against the usual. */
  readonly scale: number;
  readonly zoom: number;
  readonly answers: boolean;
  readonly scrap: 'none' | 'staff' | 'letters';
  /** The working of an answer, sentence by sentence; none where it is not printed. */
  readonly working: (question: Question) => readonly string[];
}

/** Answers of which a part is a numeral. */
const WITH_NUMERALS: readonly AnswerFormName[] = ['numeral', 'figured', 'labels'];
/** The least width of what is drawn without a staff, by its form. */
const WIDE: Partial<Record<QuestionLayout['form'], number>> = { table: 420, 'own-words': 320, target: 215 };
const STAFF = 40;

/** One question of a sheet, measured and drawn in points. */
export class PdfQuestionCell {
  private readonly staff: QuestionStaff | null;
  private readonly prompt: TextStyle;
  private readonly small: TextStyle;
  private readonly answer: TextStyle;
  private readonly key: string | null;
  private readonly layout: QuestionLayout;
  private readonly parts: readonly PromptPart[];

  constructor(
    private readonly writer: Writer,
    private readonly question: Question,
    private readonly number: number,
    private readonly frame: StaffFrame | null,
    private readonly look: CellLook,
  ) {
    const { engraver, answers, zoom } = look;
    const under = underStaff(question);
    const voices = answers && under !== null && !under.blank;
    const put = voices ? answeredStaff(question) : staffLayout(question);
    this.staff = frame
      ? questionStaff(engraver, frame, put, {
          asked: voices ? staffLayout(question) : null,
          labelled: under !== null,
        })
      : null;
    this.prompt = { family: 'serif', weight: 600, size: 10 * zoom };
    this.small = { family: 'sans', size: 8 * zoom, colour: SOFT };
    this.answer = { family: 'serif', weight: 600, size: 10.5 * zoom, colour: RED };
    const { key } = question.given as { readonly key?: unknown };
    this.key = typeof key === 'string' ? key : null;
    this.layout = layoutOf(question);
    this.parts = promptParts(question, look.school);
  }

  /** The least width that holds it. */
  get least(): number {
    const words = WIDE[this.layout.form] ?? 118;
    return Math.max(words * this.look.zoom, (this.staff?.width ?? 0) * this.look.scale + 8);
  }

  /** The room that what is asked in words takes over the staff. */
  promptHeight(room: number): number {
    return this.drawPrompt(0, 0, room - 11 * this.look.zoom, false);
  }

  /**
   * Draws it with its upper left corner at a place and so much room for its words; gives its height. Without `ink`
   * it is only measured.
   */
  draw(x: number, y: number, room: number, promptHeight: number, ink: boolean): number {
    const { writer, question, look } = this;
    const { zoom } = look;
    const { form, staff } = this.layout;
    let at = y + 11 * zoom;
    if (ink) writer.write(String(this.number), x, at, this.small);
    this.drawPrompt(x + 11 * zoom, at, room - 11 * zoom, ink);
    at += promptHeight + 3 * zoom;
    if (form === 'table') {
      const numeralAt = this.numeralAt.bind(this);
      const { small, answer } = this;
      at = drawMap({ writer, question, look, small, answer, numeralAt }, { x, y: at, room, ink });
    }
    if (form === 'target') at = this.drawSought(x, at, ink);
    if (this.staff && this.frame) at = this.drawStaff(x, at, room, ink);
    at = this.drawBlanks(x, at, room, ink);
    at = look.answers ? this.drawWorking(x, at, room, ink) : this.drawScrap(x, at, room, ink);
    return at - y + (staff.clefs.length === 0 ? 5 : 3) * zoom;
  }

  private drawPrompt(x: number, y: number, room: number, ink: boolean): number {
    const { writer, parts, prompt, look } = this;
    if (this.layout.form === 'target') return y;
    if (parts.every((part) => typeof part === 'string')) {
      const lines = writer.lines(parts.join(''), room, prompt);
      lines.forEach((line, index) => ink && writer.write(line, x, y + index * prompt.size * 1.25, prompt));
      return y + Math.max(0, lines.length - 1) * prompt.size * 1.25;
    }
    if (ink) this.writeParts(parts, x, y);
    const tall = parts.some(
      (part) => typeof part !== 'string' && 'figures' in part && part.figures.length > 1,
    );
    return y + (tall ? 6 * look.zoom : 0);
  }

  /** Words, numerals in type and figures over each other in one line; gives where it ends. */
  private writeParts(parts: readonly PromptPart[], x: number, y: number): number {
    const { writer, prompt, look } = this;
    return parts.reduce<number>((at, part) => {
      if (typeof part === 'string') return writer.write(part, at, y, prompt);
      if ('figures' in part)
        return (
          writeFigures(writer, part.figures as string[], at, y + 2 * look.zoom, {
            ...prompt,
            size: prompt.size * 1.4,
          }) + 5
        );
      if (!('numeral' in part)) return at;
      const numeral = numeralInPdf(part.numeral, this.key, look.school);
      return numeral
        ? writeNumeral(writer, numeral, at, y, prompt)
        : writer.write(part.numeral, at, y, prompt);
    }, x);
  }

  private drawStaff(x: number, y: number, room: number, ink: boolean): number {
    const { frame, staff, look, question, writer } = this;
    const { scale, answers, zoom } = look;
    const under = underStaff(question);
    const width = under ? Math.min(room, staff!.width * scale) : room - 6;
    if (ink) {
      for (const top of frame!.staves)
        for (let line = 0; line <= STAFF; line += 10)
          writer.rule(
            x + (frame!.joined ? 16 * scale : 0),
            y + (top + line) * scale,
            width - (frame!.joined ? 16 * scale : 0),
            INK,
            0.5,
          );
      const markup = staff!.markup.replaceAll('var(--correction)', RED).replaceAll('currentColor', INK);
      const [wide, high] = [staff!.width, frame!.height];
      const size = `viewBox="0 0 ${wide} ${high}" width="${wide}" height="${high}"`;
      SVGtoPDF(writer.pdf, `<svg xmlns="http://www.w3.org/2000/svg" ${size}><g>${markup}</g></svg>`, x, y, {
        width: staff!.width * scale,
        height: frame!.height * scale,
        assumePt: true,
        preserveAspectRatio: 'xMinYMin meet',
        fontCallback: () => 'bravura',
      });
    }
    const base = y + frame!.height * scale;
    if (!under) return base;
    const label = base + this.answer.size;
    if (ink)
      under.texts.forEach((text, at) => {
        const middle = x + staff!.xs[at]! * scale;
        if (under.blank) writer.rule(middle - 11 * zoom, label + 3, 22 * zoom);
        if (typeof text !== 'string')
          return writeFigures(writer, text, middle - 2, label, {
            ...this.prompt,
            size: this.prompt.size * 1.3,
          });
        if (under.blank && !answers) return;
        const style = under.blank ? this.answer : this.prompt;
        this.numeralAt(text, middle, label, style, changedKey(under, at));
      });
    if (under.changes.length === 0) return label + 6 * zoom;
    // The key that begins stands under the first of its chords.
    const small = { ...this.prompt, size: 8.5 * zoom };
    if (ink)
      for (const { at, key } of under.changes)
        writer.write(
          keyWords(parseKey(key), look.school),
          x + staff!.xs[at]! * scale - 11 * zoom,
          label + 14 * zoom,
          small,
        );
    return label + 18 * zoom;
  }

  private numeralAt(text: string, middle: number, y: number, style: TextStyle, key = this.key): void {
    const parts = numeralInPdf(text, key, this.look.school);
    if (!parts) return this.writer.centred(signed(text), middle, y, style);
    writeNumeral(this.writer, parts, middle - numeralWidth(this.writer, parts, style) / 2, y, style);
  }

  private drawBlanks(x: number, y: number, room: number, ink: boolean): number {
    const { writer, question, look, answer, small } = this;
    const withNumerals = WITH_NUMERALS.includes(kindOf(question.kind).answer.name);
    const blanks = blankLines(question, look.school);
    if (blanks.length === 0) return y;
    const line = 16 * look.zoom;
    const named = Math.max(...blanks.map(({ name }) => writer.width(name, small)));
    const left = named === 0 ? 0 : named + 6;
    let at = y;
    blanks.forEach(({ name, text }) => {
      at += line;
      if (ink && name !== '') writer.write(name, x, at - 3, small);
      const middle = x + left + (room - left - 6) / 2;
      const numeral = withNumerals && name !== 'notes';
      const lines = look.answers && !numeral ? writer.lines(text, room - left - 6, answer) : [];
      if (ink && look.answers && numeral) this.numeralAt(text, middle, at - 3, answer);
      lines.forEach((part, row) => {
        if (row > 0) at += line * 0.85;
        if (ink) writer.centred(part, middle, at - 3, answer);
      });
      if (ink) writer.rule(x + left, at, room - left - 6);
    });
    return at + 3;
  }

  private drawSought(x: number, y: number, ink: boolean): number {
    const { writer, question, look, answer, prompt } = this;
    const { zoom } = look;
    const [usual = []] = question.answers as readonly (readonly string[])[];
    const [blank, base] = [46 * zoom, y + 16 * zoom];
    if (ink) {
      let at = x + 11 * zoom;
      const from = at - 3;
      usual.forEach((text) => {
        writer.rule(at, base, blank - 6 * zoom);
        if (look.answers) this.numeralAt(text, at + (blank - 6 * zoom) / 2, base - 3, answer);
        at += blank;
      });
      if (usual.length > 1)
        writer.pdf
          .moveTo(from, base + 2)
          .lineTo(from, y)
          .lineTo(at - 2, y)
          .lineTo(at - 2, base + 2)
          .lineWidth(0.8)
          .strokeColor(SOFT)
          .stroke();
      at = writer.write('→', at + 3, base - 3, prompt) + 4;
      this.writeParts(this.parts, at, base - 3);
      if (look.answers)
        writer.write('or without sevenths', x + 11 * zoom, base + 11 * zoom, { ...this.small, colour: RED });
    }
    return base + (look.answers ? 15 : 6) * zoom;
  }

  private drawWorking(x: number, y: number, room: number, ink: boolean): number {
    const { writer, look } = this;
    const style = { ...this.small, size: 7.5 * look.zoom };
    const lines = look.working(this.question).flatMap((sentence) => writer.lines(sentence, room - 8, style));
    lines.forEach((line, at) => ink && writer.write(line, x, y + (at + 1) * style.size * 1.3, style));
    return y + (lines.length === 0 ? 0 : (lines.length + 0.6) * style.size * 1.3);
  }

  private drawScrap(x: number, y: number, room: number, ink: boolean): number {
    const { writer, look } = this;
    const { zoom } = look;
    if (look.scrap === 'none') return y;
    if (look.scrap === 'staff') {
      if (ink)
        for (let line = 0; line < 5; line++)
          writer.rule(x, y + (8 + 5 * line) * zoom, room - 6, '#aab2bd', 0.4);
      return y + 36 * zoom;
    }
    const style = { ...this.small, size: 7.5 * zoom };
    LETTER_STACKS.forEach(
      (row, at) =>
        ink &&
        row.forEach((letter, column) =>
          writer.write(letter, x + column * 13 * zoom, y + (at + 1) * 10 * zoom, style),
        ),
    );
    return y + 46 * zoom;
  }
}
