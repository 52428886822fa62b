import { XMLParser, XMLValidator } from 'fast-xml-parser';
import svgpath from 'svgpath';
import { cubicPoints } from './curves';
import { FLAT_MM, guarded, inUnits, wholeFile, type DrawnLine, type DrawnPoint, type ReadDrawing } from './drawn';

/** Millimetres of the units a length may carry (SVG 1.1, 7.10; CSS Values 3, 6.2: 1 in = 96 px = 72 pt). */
const UNIT_MM: Record<string, number> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6, q: 0.25 };

type Element = Record<string, unknown> & { ':@'?: Record<string, string> };

/** Kept for elsewhere in the drawing, not drawn where they stand. */
const NOT_DRAWN = new Set(['defs', 'symbol', 'clipPath', 'mask', 'marker', 'pattern', 'metadata', 'style', 'script']);
const LEFT_OUT = new Set(['text', 'image', 'foreignObject']);

/**
 * Reads the lines of an SVG drawing: paths and basic shapes with their transforms, curves flattened to 0.05 mm, y
 * turned up. A path of several pieces (holes, islands) is told and not taken. Never throws.
 */
export const readSvg = (text: string): ReadDrawing => guarded(() => read(text));

function read(text: string): ReadDrawing {
  const sound = XMLValidator.validate(text);
  if (sound !== true) return wholeFile(`is not well-formed: line ${sound.err.line}, ${sound.err.msg}`);
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
    parseAttributeValue: false,
  });
  let root: Element | undefined;
  try {
    root = (parser.parse(text) as Element[]).find((element) => 'svg' in element);
  } catch (error) {
    return wholeFile(`cannot be read as SVG: ${error instanceof Error ? error.message : 'not XML'}`);
  }
  if (!root) return wholeFile('has no svg element: it is not an SVG drawing');
  const unit = unitOf(root[':@'] ?? {});
  const lines: DrawnLine[] = [];
  const leftOut = new Set<string>();
  const uses = walk({
    elements: root['svg'] as Element[],
    transforms: [],
    lines,
    leftOut,
    flat: inUnits(FLAT_MM, unit.mm),
  });
  if (uses) return wholeFile('draws a symbol by reference (use): expand it in the drawing program first');
  if (lines.length === 0) return wholeFile('has no lines to take');
  return { drawing: { lines, unitMm: unit.mm, unitSays: unit.says, leftOut: [...leftOut] } };
}

/** How large a user unit is: width and height against the view box, where they carry a unit of length. */
function unitOf({ width, height, viewBox }: Record<string, string>): { mm: number | null; says: string } {
  const box = viewBox
    ?.trim()
    .split(/[\s,]+/)
    .map(Number);
  const [across, down] = [lengthMm(width), lengthMm(height)];
  if (across === null || !box || box.length !== 4 || !(box[2]! > 0))
    return { mm: null, says: 'it names no unit of length' };
  const mm = across / box[2]!;
  if (down !== null && box[3]! > 0 && Math.abs(down / box[3]! / mm - 1) > 1e-3)
    return { mm: null, says: 'its width and height have different scales' };
  return { mm, says: `${width!.trim()} wide` };
}

function lengthMm(text: string | undefined): number | null {
  const match = /^\s*([\d.]+(?:e[+-]?\d+)?)\s*(mm|cm|in|pt|pc|q)\s*$/i.exec(text ?? '');
  return match ? Number(match[1]) * UNIT_MM[match[2]!.toLowerCase()]! : null;
}

/** Collects the lines under an element; true where something is drawn by reference. */
function walk({
  elements,
  transforms,
  lines,
  leftOut,
  flat,
}: {
  elements: readonly Element[];
  transforms: readonly string[];
  lines: DrawnLine[];
  leftOut: Set<string>;
  flat: number;
}): boolean {
  for (const element of elements) {
    const tag = Object.keys(element).find((key) => key !== ':@');
    if (!tag || NOT_DRAWN.has(tag)) continue;
    const attributes = element[':@'] ?? {};
    if (attributes['display'] === 'none') continue;
    if (tag === 'use') return true;
    if (LEFT_OUT.has(tag)) {
      leftOut.add(tag === 'text' ? 'text' : 'pictures');
      continue;
    }
    const inner = attributes['transform'] ? [attributes['transform'], ...transforms] : transforms;
    const path = pathOf(tag, attributes);
    if (path !== null) lines.push(lineOf({ data: path, name: attributes['id'] ?? tag, transforms: inner, flat }));
    else if (
      Array.isArray(element[tag]) &&
      walk({ elements: element[tag] as Element[], transforms: inner, lines, leftOut, flat })
    )
      return true;
  }
  return false;
}

const number = (text: string | undefined): number => Number.parseFloat(text ?? '0') || 0;

/** A shape as the data of a path; null for what is not a shape. */
function pathOf(tag: string, of: Record<string, string>): string | null {
  const n = (key: string) => number(of[key]);
  switch (tag) {
    case 'path':
      return of['d'] ?? '';
    case 'polygon':
      return `M ${of['points'] ?? ''} Z`;
    case 'polyline':
      return `M ${of['points'] ?? ''}`;
    case 'line':
      return `M ${n('x1')} ${n('y1')} L ${n('x2')} ${n('y2')}`;
    case 'rect': {
      const [x, y, w, h] = [n('x'), n('y'), n('width'), n('height')];
      if (n('rx') > 0 || n('ry') > 0)
        return roundedRect({
          x,
          y,
          w,
          h,
          rx: Math.min(w / 2, n('rx') || n('ry')),
          ry: Math.min(h / 2, n('ry') || n('rx')),
        });
      return `M ${x} ${y} h ${w} v ${h} h ${-w} Z`;
    }
    case 'circle':
    case 'ellipse': {
      const [cx, cy] = [n('cx'), n('cy')];
      const [rx, ry] = tag === 'circle' ? [n('r'), n('r')] : [n('rx'), n('ry')];
      return `M ${cx - rx} ${cy} A ${rx} ${ry} 0 1 1 ${cx + rx} ${cy} A ${rx} ${ry} 0 1 1 ${cx - rx} ${cy} Z`;
    }
    default:
      return null;
  }
}

const roundedRect = ({
  x,
  y,
  w,
  h,
  rx,
  ry,
}: {
  x: number;
  y: number;
  w: number;
  h: number;
  rx: number;
  ry: number;
}): string =>
  `M ${x + rx} ${y} h ${w - 2 * rx} a ${rx} ${ry} 0 0 1 ${rx} ${ry} v ${h - 2 * ry} a ${rx} ${ry} 0 0 1 ${-rx}` +
  ` ${ry} h ${-(w - 2 * rx)} a ${rx} ${ry} 0 0 1 ${-rx} ${-ry} v ${-(h - 2 * ry)} a ${rx} ${ry} 0 0 1 ${rx}` +
  ` ${-ry} Z`;

function lineOf({
  data,
  name,
  transforms,
  flat,
}: {
  data: string;
  name: string;
  transforms: readonly string[];
  flat: number;
}): DrawnLine {
  const path = svgpath(data);
  const fault = (path as unknown as { err?: string }).err;
  if (fault)
    return { name, points: [], closed: false, fault: `its path cannot be read: ${fault.replace(/^SvgPath: /, '')}` };
  const points: DrawnPoint[] = [];
  let [pieces, closed] = [0, false];
  let first: DrawnPoint = { x: 0, y: 0 };
  for (const transform of transforms) path.transform(transform);
  // Y is turned up at the end; quadratic curves are cubic ones with both handles two thirds of the way.
  path
    .abs()
    .unarc()
    .unshort()
    // eslint-disable-next-line max-params -- as the library calls it
    .iterate(([command, ...n], _, x, y) => {
      const here = { x, y: -y };
      const at = (index: number): DrawnPoint => ({ x: Number(n[index]), y: -Number(n[index + 1]) });
      if (command === 'M') {
        pieces += 1;
        first = at(0);
        if (pieces === 1) points.push(first);
      } else if (pieces === 1) {
        if (command === 'Z' || command === 'z') closed = true;
        else if (command === 'L') points.push(at(0));
        else if (command === 'H') points.push({ x: Number(n[0]), y: here.y });
        else if (command === 'V') points.push({ x: here.x, y: -Number(n[0]) });
        else if (command === 'C') points.push(...cubicPoints([here, at(0), at(2), at(4)], flat));
        else if (command === 'Q')
          points.push(...cubicPoints([here, towards(here, at(0)), towards(at(2), at(0)), at(2)], flat));
      }
    });
  const last = points.at(-1);
  // A path that ends where it began is closed, whether it says so or not.
  if (last && points.length > 2 && Math.hypot(last.x - points[0]!.x, last.y - points[0]!.y) <= flat) {
    points.pop();
    closed = true;
  }
  const wrong =
    pieces > 1
      ? `is made of ${pieces} pieces, with holes or islands: one line is needed`
      : points.length < 2
        ? 'has no length'
        : null;
  return { name, points, closed, fault: wrong };
}

const towards = (end: DrawnPoint, handle: DrawnPoint): DrawnPoint => ({
  x: end.x + (2 / 3) * (handle.x - end.x),
  y: end.y + (2 / 3) * (handle.y - end.y),
});
