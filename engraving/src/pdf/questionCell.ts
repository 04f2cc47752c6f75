import {
  answeredPut,
  blankLines,
  LETTER_STACKS,
  promptWords,
  putOf,
  underStaff,
  type Question,
  type School,
} from '@diatonix/core';
import SVGtoPDF from 'svg-to-pdfkit';
import type { Engraver } from '../engraver';
import { questionStaff, type QuestionStaff } from '../questionStaff';
import type { StaffFrame } from '../types';
import { drawMap } from './chordMap';
import { numeralWidth, partsOf, signed, writeFigures, writeNumeral } from './numeral';
import { INK, RED, SOFT, type TextStyle, type Writer } from './writer';

/** How the cells of a section are drawn. */
export interface CellLook {
  readonly engraver: Engraver;
  readonly school: School;
  /** Points for a unit of a staff, and for sizes of text against the usual. */
  readonly scale: number;
  readonly zoom: number;
  readonly answers: boolean;
  readonly scrap: 'none' | 'staff' | 'letters';
  /** The working of an answer, sentence by sentence; none where it is not printed. */
  readonly working: (question: Question) => readonly string[];
}

const NUMERALS = new Set(['numeral-label', 'figures-name', 'progression-label', 'score-label', 'harmonise']);
const STAFF = 40;

/** One question of a sheet, measured and drawn in points. */
export class QuestionCell {
  private readonly staff: QuestionStaff | null;
  private readonly prompt: TextStyle;
  private readonly small: TextStyle;
  private readonly answer: TextStyle;
  private readonly key: string | null;

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
    const put = voices ? answeredPut(question) : putOf(question);
    this.staff = frame
      ? questionStaff(engraver, frame, put, {
          asked: voices ? putOf(question) : null,
          labelled: under !== null,
        })
      : null;
    this.prompt = { family: 'serif', weight: 600, size: 10 * zoom };
    this.small = { family: 'sans', size: 8 * zoom, colour: SOFT };
    this.answer = { family: 'serif', weight: 600, size: 10.5 * zoom, colour: RED };
    this.key = typeof question.given['key'] === 'string' ? question.given['key'] : null;
  }

  /** The least width that holds it. */
  get least(): number {
    const { kind } = this.question;
    const words = { 'chord-map': 420, written: 320, 'work-back': 215 }[kind] ?? 118;
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
    const { kind, given } = question;
    let at = y + 11 * zoom;
    if (ink) writer.write(String(this.number), x, at, this.small);
    this.drawPrompt(x + 11 * zoom, at, room - 11 * zoom, ink);
    at += promptHeight + 3 * zoom;
    if (kind === 'chord-map') {
      const numeralAt = this.numeralAt.bind(this);
      const { small, answer } = this;
      at = drawMap({ writer, question, look, small, answer, numeralAt }, { x, y: at, room, ink });
    }
    if (kind === 'work-back') at = this.drawSought(x, at, ink);
    if (this.staff && this.frame) at = this.drawStaff(x, at, room, ink);
    at = this.drawBlanks(x, at, room, ink);
    at = look.answers ? this.drawWorking(x, at, room, ink) : this.drawScrap(x, at, room, ink);
    return at - y + (given['clef'] === undefined ? 5 : 3) * zoom;
  }

  private drawPrompt(x: number, y: number, room: number, ink: boolean): number {
    const { writer, question, prompt, look } = this;
    const { kind, given } = question;
    const words = promptWords(question, look.school);
    if (kind === 'work-back') return y;
    if (kind === 'figures-name') {
      const figures = given['figures'] as string[];
      const name = words.split(' · ').at(-1)!;
      if (ink) {
        const end = writeFigures(writer, figures, x, y + 2 * look.zoom, {
          ...prompt,
          size: prompt.size * 1.4,
        });
        writer.write(name, end + 5, y, prompt);
      }
      return y + (figures.length > 1 ? 6 * look.zoom : 0);
    }
    if (kind === 'numeral-build') {
      const parts = partsOf(String(given['numeral']), this.key, look.school);
      if (ink && parts) {
        const end = writeNumeral(writer, parts, x, y, prompt);
        writer.write(` in ${words.split(' in ')[1]}`, end, y, prompt);
        return y;
      }
    }
    if (kind === 'harmonise') {
      const taught = given['numerals'] as string[];
      let at = ink ? writer.write(`${words.split(':')[0]}:`, x, y, prompt) : x;
      for (const text of ink ? taught : []) {
        const parts = partsOf(text, this.key, look.school);
        if (parts) at = writeNumeral(writer, parts, at + 5, y, prompt);
      }
      return y;
    }
    const lines = writer.lines(words, room, prompt);
    lines.forEach((line, index) => ink && writer.write(line, x, y + index * prompt.size * 1.25, prompt));
    return y + Math.max(0, lines.length - 1) * prompt.size * 1.25;
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
        this.numeralAt(text, middle, label, under.blank ? this.answer : this.prompt);
      });
    return label + 6 * zoom;
  }

  private numeralAt(text: string, middle: number, y: number, style: TextStyle): void {
    const parts = partsOf(text, this.key, this.look.school);
    if (!parts) return this.writer.centred(signed(text), middle, y, style);
    writeNumeral(this.writer, parts, middle - numeralWidth(this.writer, parts, style) / 2, y, style);
  }

  private drawBlanks(x: number, y: number, room: number, ink: boolean): number {
    const { writer, question, look, answer, small } = this;
    const { kind } = question;
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
      const numeral = NUMERALS.has(kind) && name !== 'notes';
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
      const parts = partsOf(String(question.given['target']), this.key, look.school);
      if (parts) at = writeNumeral(writer, parts, at, base - 3, prompt);
      writer.write(` in ${promptWords(question, look.school).split(' in ').at(-1)}`, at, base - 3, prompt);
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
