import type { Path } from 'opentype.js';
import { fontFor } from '@diatonix/engraving';
import type { Fonts } from './fonts';

/** Leaves of a drawing that are taken over as they are. */
const SHAPES = 'path, line, rect, circle, ellipse, polygon, polyline, text';
const SHAPE_ATTRIBUTES = [
  'd',
  'x',
  'y',
  'x1',
  'y1',
  'x2',
  'y2',
  'width',
  'height',
  'cx',
  'cy',
  'r',
  'rx',
  'ry',
  'points',
];

interface Origin {
  readonly left: number;
  readonly top: number;
}

/**
 * What is seen of an element, as SVG: rules, text and notation, every letter as an outline. `origin` is its
 * corner on the page.
 */
export function outlined(element: Element, origin: Origin, fonts: Fonts): string {
  const parts: string[] = [];
  const visit = (node: Element) => {
    if (node instanceof SVGElement) {
      for (const shape of node.matches(SHAPES) ? [node] : node.querySelectorAll<SVGElement>(SHAPES))
        parts.push(shapeOf(shape as SVGGraphicsElement, origin, fonts));
      return;
    }
    const style = getComputedStyle(node);
    if (style.display === 'none' || node.classList.contains('visually-hidden')) return;
    parts.push(ruleOf(node, style, origin), bordersOf(node, style, origin));
    for (const child of node.childNodes) {
      if (child instanceof Element) visit(child);
      else if (child instanceof Text && child.data.trim() !== '')
        parts.push(textOf(child, style, origin, fonts));
    }
  };
  visit(element);
  return parts.join('');
}

/** A line above a cell, and the line of a blank. */
function ruleOf(node: Element, style: CSSStyleDeclaration, origin: Origin): string {
  const box = node.getBoundingClientRect();
  const [x, y] = [round(box.left - origin.left), round(box.top - origin.top)];
  if (node.matches('.blank, .key-rule'))
    return `<rect x="${x}" y="${y}" width="${round(box.width)}" height="1" fill="${style.backgroundColor}"/>`;
  const width = parseFloat(style.borderTopWidth);
  if (width === 0 || !node.matches('.cell, .label, .score-row, th, td')) return '';
  return `<rect x="${x}" y="${y}" width="${round(box.width)}" height="${width}" fill="${style.borderTopColor}"/>`;
}

/** Brackets, arrows and underlines that are drawn as borders, with their rounded corners. */
function bordersOf(node: Element, style: CSSStyleDeclaration, origin: Origin): string {
  if (!node.matches('.kind-targets > span, .held, .raised')) return '';
  const box = node.getBoundingClientRect();
  const [top, right, bottom, left] = (
    [style.borderTopWidth, style.borderRightWidth, style.borderBottomWidth, style.borderLeftWidth] as const
  ).map(parseFloat);
  const [x1, y1, x2, y2] = [
    box.left - origin.left,
    box.top - origin.top,
    box.right - origin.left,
    box.bottom - origin.top,
  ].map(round) as [number, number, number, number];
  const corner = {
    left: parseFloat(style.borderTopLeftRadius) || 0,
    right: parseFloat(style.borderTopRightRadius) || 0,
  };
  const pieces: string[] = [];
  if (left)
    pieces.push(
      `M${x1} ${y2}V${y1 + corner.left}`,
      ...(top && corner.left ? [`Q${x1} ${y1} ${x1 + corner.left} ${y1}`] : []),
    );
  if (top) pieces.push(`M${x1 + (left ? corner.left : 0)} ${y1}H${x2 - (right ? corner.right : 0)}`);
  if (right)
    pieces.push(
      ...(top && corner.right ? [`M${x2 - corner.right} ${y1}Q${x2} ${y1} ${x2} ${y1 + corner.right}`] : []),
      `M${x2} ${y1 + corner.right}V${y2}`,
    );
  if (bottom) pieces.push(`M${x1} ${y2}H${x2}`);
  if (pieces.length === 0) return '';
  const width = Math.max(top ?? 0, right ?? 0, bottom ?? 0, left ?? 0);
  const colour = top ? style.borderTopColor : bottom ? style.borderBottomColor : style.borderLeftColor;
  return `<path d="${pieces.join('')}" fill="none" stroke="${colour}" stroke-width="${width}"/>`;
}

function textOf(node: Text, style: CSSStyleDeclaration, origin: Origin, fonts: Fonts): string {
  const size = parseFloat(style.fontSize);
  const weight = Number(style.fontWeight);
  const main = fonts[fontFor('x', style.fontFamily, weight).name];
  const range = document.createRange();
  const paths: string[] = [];
  let at = 0;
  for (const char of node.data) {
    range.setStart(node, at);
    range.setEnd(node, at + char.length);
    at += char.length;
    const box = range.getClientRects()[0];
    if (!box || char.trim() === '') continue;
    const { name, adjust } = fontFor(char, style.fontFamily, weight);
    const baseline = box.top + (box.height * main.ascender) / (main.ascender - main.descender);
    paths.push(
      pathData(fonts[name].getPath(char, box.left - origin.left, baseline - origin.top, size * adjust)),
    );
  }
  return paths.length === 0 ? '' : `<path d="${paths.join('')}" fill="${style.color}"/>`;
}

function shapeOf(shape: SVGGraphicsElement, origin: Origin, fonts: Fonts): string {
  const matrix = shape.getScreenCTM();
  const style = getComputedStyle(shape);
  if (!matrix || style.visibility === 'hidden') return '';
  const { a, b, c, d, e, f } = matrix;
  const transform = `matrix(${[a, b, c, d, e - origin.left, f - origin.top].map(round).join(' ')})`;
  const opacity = effectiveOpacity(shape);
  const faded = opacity < 1 ? ` opacity="${opacity}"` : '';
  if (shape instanceof SVGTextElement) {
    const paths: string[] = [];
    let at = 0;
    for (const char of shape.textContent ?? '') {
      const start = shape.getNumberOfChars() > at ? shape.getStartPositionOfChar(at) : null;
      at += char.length;
      if (!start || char.trim() === '') continue;
      const { name, adjust } = fontFor(char, style.fontFamily, Number(style.fontWeight));
      paths.push(pathData(fonts[name].getPath(char, start.x, start.y, parseFloat(style.fontSize) * adjust)));
    }
    return `<path transform="${transform}" d="${paths.join('')}" fill="${style.fill}"${faded}/>`;
  }
  const svg = shape as SVGGeometryElement;
  const attributes = SHAPE_ATTRIBUTES.flatMap((name) =>
    svg.hasAttribute(name) ? [`${name}="${resolved(svg, name)}"`] : [],
  ).join(' ');
  const stroke =
    style.stroke === 'none' ? '' : ` stroke="${style.stroke}" stroke-width="${style.strokeWidth}"`;
  return `<${svg.tagName} transform="${transform}" ${attributes} fill="${style.fill}"${stroke}${faded}/>`;
}

/** An attribute with percentages measured out. */
function resolved(shape: SVGElement, name: string): string {
  const animated = (shape as unknown as Record<string, unknown>)[name];
  if (animated instanceof SVGAnimatedLength) return String(round(animated.baseVal.value));
  return shape.getAttribute(name)!;
}

/** A line of text as an outline, its beginning at x and its baseline at y; and how wide it is. */
export function textOutline(
  text: string,
  x: number,
  y: number,
  size: number,
  family: string,
  weight: number,
  fonts: Fonts,
): { d: string; width: number } {
  let at = x;
  const paths: string[] = [];
  for (const char of text) {
    const { name, adjust } = fontFor(char, family, weight);
    paths.push(pathData(fonts[name].getPath(char, at, y, size * adjust)));
    at += fonts[name].getAdvanceWidth(char, size * adjust);
  }
  return { d: paths.join(''), width: at - x };
}

/** An outline as path data. The font package's own writer stumbles over very small numbers. */
function pathData({ commands }: Path): string {
  return commands
    .map((command) => {
      if (command.type === 'Z') return 'Z';
      const end = `${round(command.x)} ${round(command.y)}`;
      if (command.type === 'C')
        return `C${round(command.x1)} ${round(command.y1)} ${round(command.x2)} ${round(command.y2)} ${end}`;
      return command.type === 'Q'
        ? `Q${round(command.x1)} ${round(command.y1)} ${end}`
        : `${command.type}${end}`;
    })
    .join('');
}

function effectiveOpacity(shape: Element): number {
  let opacity = 1;
  for (
    let node: Element | null = shape;
    node && node.tagName.toLowerCase() !== 'div';
    node = node.parentElement
  )
    opacity *= Number(getComputedStyle(node).opacity);
  return round(opacity);
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
