import type { FontInfo, RenderContext } from 'vexflow/bravura';
import type { Drawing, Surface, VexFlow } from './surface';

/** Measures a text in a font of the notation package: its width and its box about the baseline, in pixels. */
export type Measure = (text: string, pixels: number) => { readonly width: number; readonly box: Box };

interface Box {
  readonly left: number;
  readonly right: number;
  readonly up: number;
  readonly down: number;
}

/** Points to pixels, as pages count them. */
const PIXELS_A_POINT = 4 / 3;

/** Lets the notation package measure where there is no page: it asks a canvas, and gets one that only measures. */
export function measureWithout({ Element, Font }: VexFlow, measure: Measure): void {
  // A font that is given as CSS is read by an element of the page where there is one.
  Font.fromCSSString = fontOf;
  const context = {
    font: '',
    measureText(text: string) {
      const { width, box } = measure(text, pixelsIn(this.font));
      return {
        width,
        actualBoundingBoxLeft: -box.left,
        actualBoundingBoxRight: box.right,
        actualBoundingBoxAscent: box.up,
        actualBoundingBoxDescent: box.down,
        fontBoundingBoxAscent: box.up,
        fontBoundingBoxDescent: box.down,
      };
    },
  };
  Element.setTextMeasurementCanvas({ getContext: () => context } as unknown as OffscreenCanvas);
}

/** A font as CSS writes it, `italic bold 30pt Bravura,Academico`, in its parts. */
export function fontOf(css: string): Required<FontInfo> {
  const [, style = 'normal', weight = 'normal', size = '30pt', family = 'Bravura'] =
    /^(?:(italic|oblique|normal)\s+)?(?:(bold|normal|\d{3})\s+)?([\d.]+(?:pt|px|em|%)?)\s+(.+)$/.exec(
      css.trim(),
    ) ?? [];
  return { family, size, weight, style };
}

/** The size in a CSS font, in pixels. */
function pixelsIn(font: string): number {
  const [, size, unit] = /(\d+(?:\.\d+)?)(pt|px)/.exec(font) ?? [];
  return size === undefined ? 0 : Number(size) * (unit === 'pt' ? PIXELS_A_POINT : 1);
}

/** The dot of a repeat (SMuFL U+E044), and how large its font is for a radius: it is two fifths of a space wide. */
const REPEAT_DOT = '\uE044';
const DOT_SIZE = 20;

/** Draws as text of a picture, without a page: strokes and signs one after the other, and no groups around them. */
export const asText: Surface = (vexflow) => inPieces(vexflow);

/** A drawing as text that can be taken piece by piece, so that pieces can stand in groups of their own. */
export interface TextDrawing extends Drawing {
  /** What was drawn since it was taken last; `markup` is what was not taken. */
  readonly take: () => string;
}

export function inPieces(vexflow: VexFlow): TextDrawing {
  const parts: string[] = [];
  return {
    context: contextOf(vexflow, parts),
    markup: () => parts.join(''),
    take: () => parts.splice(0).join(''),
  };
}

function escaped(text: string): string {
  return text.replace(/[&<>]/g, (sign) => `&#${sign.codePointAt(0)};`);
}

interface State {
  fill: string;
  stroke: string;
  width: number;
  pixels: number;
  family: string;
}

function contextOf(vexflow: VexFlow, parts: string[]): RenderContext {
  const saved: State[] = [];
  let now: State = { fill: 'currentColor', stroke: 'currentColor', width: 1, pixels: 10, family: 'Bravura' };
  let path = '';
  const n = (value: number) => String(Math.round(value * 1000) / 1000);
  // The package's own black and greys are the ink of the page.
  const black = (colour: string) => (/^(?:black|#[0-9a-f]{3,6})$/i.test(colour) ? 'currentColor' : colour);

  class TextContext extends vexflow.RenderContext {
    clear() {
      parts.length = 0;
    }
    setFillStyle(style: string) {
      now.fill = black(style);
      return this;
    }
    setBackgroundFillStyle() {
      return this;
    }
    setStrokeStyle(style: string) {
      now.stroke = black(style);
      return this;
    }
    setShadowColor() {
      return this;
    }
    setShadowBlur() {
      return this;
    }
    setLineWidth(width: number) {
      now.width = width;
      return this;
    }
    setLineCap() {
      return this;
    }
    setLineDash() {
      return this;
    }
    scale() {
      return this;
    }
    resize() {
      return this;
    }
    rect(x: number, y: number, width: number, height: number) {
      return this.fillRect(x, y, width, height);
    }
    fillRect(x: number, y: number, width: number, height: number) {
      const [top, tall] = height < 0 ? [y + height, -height] : [y, height];
      parts.push(
        `<rect x="${n(x)}" y="${n(top)}" width="${n(width)}" height="${n(tall)}" fill="${now.fill}"/>`,
      );
      return this;
    }
    clearRect() {
      return this;
    }
    pointerRect() {
      return this;
    }
    beginPath() {
      path = '';
      return this;
    }
    moveTo(x: number, y: number) {
      path += `M${n(x)} ${n(y)}`;
      return this;
    }
    lineTo(x: number, y: number) {
      path += `L${n(x)} ${n(y)}`;
      return this;
    }
    bezierCurveTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number) {
      path += `C${[x1, y1, x2, y2, x, y].map(n).join(' ')}`;
      return this;
    }
    quadraticCurveTo(x1: number, y1: number, x: number, y: number) {
      path += `Q${[x1, y1, x, y].map(n).join(' ')}`;
      return this;
    }
    arc(x: number, y: number, radius: number) {
      // Only the dots of repeats are drawn by arcs: whole circles, in the place of the sign.
      const font = `font-family="Bravura" font-size="${n(radius * DOT_SIZE)}"`;
      parts.push(`<text x="${n(x - radius)}" y="${n(y)}" ${font} fill="${now.fill}">${REPEAT_DOT}</text>`);
      return this;
    }
    fill() {
      if (path !== '') parts.push(`<path d="${path}" fill="${now.fill}"/>`);
      return this;
    }
    stroke() {
      if (path !== '')
        parts.push(`<path d="${path}" fill="none" stroke="${now.stroke}" stroke-width="${n(now.width)}"/>`);
      return this;
    }
    closePath() {
      path += 'Z';
      return this;
    }
    fillText(text: string, x: number, y: number) {
      if (text === '') return this;
      const font = `font-family="${now.family}" font-size="${n(now.pixels)}"`;
      parts.push(`<text x="${n(x)}" y="${n(y)}" ${font} fill="${now.fill}">${escaped(text)}</text>`);
      return this;
    }
    save() {
      saved.push({ ...now });
      return this;
    }
    restore() {
      now = saved.pop() ?? now;
      return this;
    }
    openGroup() {}
    closeGroup() {}
    openRotation(degrees: number, x: number, y: number) {
      parts.push(`<g transform="rotate(${n(degrees)} ${n(x)} ${n(y)})">`);
    }
    closeRotation() {
      parts.push('</g>');
    }
    add() {}
    measureText() {
      return { x: 0, y: 0, width: 0, height: 0 };
    }
    setFont(font?: unknown, size?: string | number, weight?: string | number, style?: string) {
      const { family, size: own } = vexflow.Font.validate(font as string, size, weight, style);
      now.family = String(family).split(',')[0]!;
      now.pixels = vexflow.Font.convertSizeToPixelValue(own);
      return this;
    }
    getFont() {
      return `${now.pixels}px ${now.family}`;
    }
    set fillStyle(style: string | CanvasGradient | CanvasPattern) {
      this.setFillStyle(String(style));
    }
    get fillStyle() {
      return now.fill;
    }
    set strokeStyle(style: string | CanvasGradient | CanvasPattern) {
      this.setStrokeStyle(String(style));
    }
    get strokeStyle() {
      return now.stroke;
    }
  }
  return new TextContext() as unknown as RenderContext;
}
