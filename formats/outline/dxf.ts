import { DomainError } from '#core/errors';
import DxfParser, { type IEntity } from 'dxf-parser';
import { arcPoints, bulgePoints, ellipsePoints, splinePoints } from './curves';
import { chained } from './chain';
import {
  FLAT_MM,
  guarded,
  inUnits,
  JOIN_MM,
  wholeFile,
  type DrawnLine,
  type DrawnPoint,
  type ReadDrawing,
} from './drawn';

/** $INSUNITS of the header and its millimeters (DXF reference, header variables). */
const UNITS: Record<number, readonly [name: string, mm: number]> = {
  1: ['inches', 25.4],
  2: ['feet', 304.8],
  4: ['millimeters', 1],
  5: ['centimetres', 10],
  6: ['metres', 1000],
  8: ['microinches', 25.4e-6],
  9: ['mils', 0.0254],
  13: ['micrometres', 1e-3],
  14: ['decimetres', 100],
};

/** Entities that carry no line of their own, and those that cannot be one outline. */
const WITHOUT_LINES = new Set([
  'TEXT',
  'MTEXT',
  'DIMENSION',
  'ATTDEF',
  'ATTRIB',
  'POINT',
  'VIEWPORT',
  'LEADER',
  'VERTEX',
  'SEQEND',
  'XLINE',
  'RAY',
]);
const READ = new Set(['LINE', 'ARC', 'CIRCLE', 'ELLIPSE', 'LWPOLYLINE', 'POLYLINE', 'SPLINE']);
const REFUSED: Record<string, string> = {
  INSERT: 'places a block: explode it in the drawing program first',
  '3DFACE': 'has 3-D faces: export the section as a flat drawing',
  MESH: 'has a 3-D mesh: export the section as a flat drawing',
  '3DSOLID': 'has a 3-D solid: export the section as a flat drawing',
  BODY: 'has a 3-D body: export the section as a flat drawing',
  REGION: 'has a region: explode it in the drawing program first',
};

/**
 * Reads the lines of a DXF drawing (text form): lines, arcs, circles, ellipses, polylines with bulges and splines,
 * curves flattened to 0.05 mm, pieces joined where their ends meet. Blocks, 3-D faces and what else cannot be one
 * outline are refused by name. Never throws.
 */
export const readDxf = (text: string): ReadDrawing => guarded(() => read(text));

function read(text: string): ReadDrawing {
  if (text.includes('\u0000')) return wholeFile('is a binary DXF: save it as text (ASCII)');
  const types = entityTypes(text);
  if (types === null) return wholeFile('has no ENTITIES section: it is not a DXF drawing');
  const broken = rowsFault(text);
  if (broken) return wholeFile(broken);
  for (const type of types) {
    const why =
      REFUSED[type] ??
      (READ.has(type) || WITHOUT_LINES.has(type)
        ? null
        : `has a ${type.slice(0, 30)}, which is not read: lines, arcs, circles, ellipses, polylines and splines are`);
    if (why !== null) return wholeFile(why);
  }
  let parsed;
  try {
    parsed = new DxfParser().parseSync(inOrder(text));
  } catch (error) {
    return wholeFile(`cannot be read as DXF: ${error instanceof Error ? error.message : String(error)}`);
  }
  if (!parsed) return wholeFile('cannot be read as DXF');
  const code = parsed.header?.['$INSUNITS'] as number | undefined;
  const unit = code === undefined ? undefined : UNITS[code];
  const unitMm = unit?.[1] ?? null;
  const flat = inUnits(FLAT_MM, unitMm);
  const weights = splineWeights(text);
  let spline = 0;
  for (const entity of parsed.entities)
    if (entity.type === 'SPLINE') Object.assign(entity, { weights: weights[spline++] });
  const lines = parsed.entities.flatMap((entity) => (READ.has(entity.type) ? [lineOf(entity, flat)] : []));
  // Ends are joined by where they lie: of what lies nowhere nothing can be said.
  if (lines.some(({ points, fault }) => fault === null && points.length === 0))
    return wholeFile('has a line without places');
  if (lines.length === 0) return wholeFile('has no lines to take');
  const leftOut = [
    ...new Set(
      types
        .filter((type) => WITHOUT_LINES.has(type) && type !== 'VERTEX' && type !== 'SEQEND')
        .map((type) => type.toLowerCase()),
    ),
  ];
  const unitSays = unit
    ? `${unit[0]}, by its header`
    : code === undefined || code === 0
      ? 'it names no unit'
      : `it names a unit (${code}) that is not known`;
  return { drawing: { lines: chained(lines, inUnits(JOIN_MM, unitMm)), unitMm, unitSays, leftOut } };
}

/**
 * What is wrong with a drawing's rows: they are pairs of a group code, a whole number, and a value, and the last of
 * them says EOF. The parser goes round for ever where they are not. Null where they are in order.
 */
function rowsFault(text: string): string | null {
  const rows = text.trimEnd().split(/\r\n|\r|\n/);
  for (let at = 0; at < rows.length; at += 2) {
    if (!/^\s*\d{1,4}\s*$/.test(rows[at]!)) return `is broken at line ${at + 1}: there is no group code`;
    if (rows[at]!.trim() !== '0' || rows[at + 1]?.trim() !== 'EOF') continue;
    return at + 2 < rows.length ? `goes on behind its EOF at line ${at + 2}` : null;
  }
  return 'is cut short: it does not end with EOF';
}

/** What a corner of a polyline consists of; behind the corners stands what turns the whole of it. */
const OF_CORNERS = new Set(['10', '20', '30', '40', '41', '42', '210', '220', '230']);

/**
 * A drawing's text with what the parser stumbles over left out or refused: of the corners of a polyline only what
 * places and bends them, each with its x and y; the corners of an old-style one up to its end.
 * @throws DomainError where a corner lacks its y, or an old-style polyline its end
 */
function inOrder(text: string): string {
  const rows = text.split(/\r\n|\r|\n/);
  const kept: string[] = [];
  let [type, cornered, open] = ['', false, false];
  for (let at = 0; at + 1 < rows.length; at += 2) {
    const [code, value] = [rows[at]!.trim(), rows[at + 1]!];
    if (code === '0') {
      type = value.trim().toUpperCase();
      if (open && type !== 'VERTEX' && type !== 'SEQEND') throw new DomainError('has a polyline without its end');
      open = type === 'POLYLINE' || (open && type === 'VERTEX');
      cornered = false;
    }
    if (type === 'LWPOLYLINE' && code !== '0') {
      if (code === '10' && rows[at + 2]?.trim() !== '20')
        throw new DomainError('has a polyline with a corner that lacks its y');
      cornered ||= code === '10';
      if (cornered && !OF_CORNERS.has(code)) continue;
    }
    kept.push(code, value);
  }
  return kept.join('\n');
}

/** A drawing's rows in pairs of group code and value, those of its ENTITIES section; null without one. */
function entityRows(text: string): [code: string, value: string][] | null {
  const rows = text.split(/\r\n|\r|\n/);
  const found: [string, string][] = [];
  let inside = false;
  for (let i = 0; i + 1 < rows.length; i += 2) {
    const [code, value] = [rows[i]!.trim(), rows[i + 1]!.trim()];
    if (code === '2' && value === 'ENTITIES' && rows[i - 1]?.trim() === 'SECTION') inside = true;
    else if (inside && code === '0' && value === 'ENDSEC') return found;
    else if (inside) found.push([code, value]);
  }
  return inside ? found : null;
}

/**
 * What the ENTITIES section is made of, in order; null without one. The parser leaves out silently what it does not
 * know.
 */
const entityTypes = (text: string): string[] | null =>
  entityRows(text)?.flatMap(([code, value]) => (code === '0' ? value.toUpperCase() : [])) ?? null;

/** The weights of each spline (group 41), in order, which the parser leaves out; undefined for one that has none. */
function splineWeights(text: string): (number[] | undefined)[] {
  const splines: (number[] | undefined)[] = [];
  let inSpline = false;
  for (const [code, value] of entityRows(text) ?? []) {
    if (code === '0') {
      inSpline = value.toUpperCase() === 'SPLINE';
      if (inSpline) splines.push(undefined);
    } else if (inSpline && code === '41') (splines[splines.length - 1] ??= []).push(Number(value));
  }
  return splines;
}

type Entity = IEntity & Record<string, unknown>;

function lineOf(one: IEntity, flat: number): DrawnLine {
  const entity = one as Entity;
  const name = `${entity.type.toLowerCase().replace(/^lw/, '')} on ${entity.layer ?? '0'}`;
  const line = (points: DrawnPoint[], closed = false): DrawnLine => ({ name, points, closed, fault: faultOf(entity) });
  if (faultOf(entity)) return line([]);
  switch (entity.type) {
    case 'LINE':
      return line(entity['vertices'] as DrawnPoint[]);
    case 'ARC': {
      const [from, to] = [entity['startAngle'] as number, entity['endAngle'] as number];
      // An arc runs counter-clockwise from its start.
      return line(
        arcPoints({
          center: entity['center'] as DrawnPoint,
          radius: entity['radius'] as number,
          from,
          to: to <= from ? to + 2 * Math.PI : to,
          flat,
        }),
      );
    }
    case 'CIRCLE':
      return line(
        arcPoints({
          center: entity['center'] as DrawnPoint,
          radius: entity['radius'] as number,
          from: 0,
          to: 2 * Math.PI,
          flat,
        }).slice(0, -1),
        true,
      );
    case 'ELLIPSE': {
      const [from, to] = [entity['startAngle'] as number, entity['endAngle'] as number];
      const end = to <= from ? to + 2 * Math.PI : to;
      const points = ellipsePoints({
        center: entity['center'] as DrawnPoint,
        major: entity['majorAxisEndPoint'] as DrawnPoint,
        ratio: entity['axisRatio'] as number,
        from,
        to: end,
        flat,
      });
      const whole = end - from > 2 * Math.PI - 1e-9;
      return line(whole ? points.slice(0, -1) : points, whole);
    }
    case 'SPLINE': {
      return line(
        splinePoints(
          {
            degree: entity['degreeOfSplineCurve'] as number,
            knots: entity['knotValues'] as number[],
            control: entity['controlPoints'] as DrawnPoint[],
            weights: entity['weights'] as number[] | undefined,
          },
          flat,
        ),
      );
    }
    default:
      return polyline(entity, line, flat);
  }
}

function polyline(
  entity: Entity,
  line: (points: DrawnPoint[], closed?: boolean) => DrawnLine,
  flat: number,
): DrawnLine {
  const vertices = entity['vertices'] as (DrawnPoint & { bulge?: number })[];
  const closed = !!entity['shape'];
  const points: DrawnPoint[] = [{ x: vertices[0]!.x, y: vertices[0]!.y }];
  vertices.forEach((from, index) => {
    if (!closed && index === vertices.length - 1) return;
    const to = vertices[(index + 1) % vertices.length]!;
    points.push(...bulgePoints({ from, to: { x: to.x, y: to.y }, bulge: from.bulge ?? 0, flat }));
  });
  return line(closed ? points.slice(0, -1) : points, closed);
}

/** Why an entity cannot be a line of a flat drawing. */
function faultOf(entity: Entity): string | null {
  if (entity['is3dPolygonMesh'] || entity['isPolyfaceMesh'])
    return 'is a 3-D mesh: export the section as a flat drawing';
  const points = [
    ...((entity['vertices'] as { z?: number }[] | undefined) ?? []),
    ...((entity['controlPoints'] as { z?: number }[] | undefined) ?? []),
  ];
  let [low, high] = [0, 0];
  for (const { z = 0 } of points) [low, high] = [Math.min(low, z), Math.max(high, z)];
  if (high - low > 1e-6 && new Set(points.map(({ z }) => z ?? 0)).size > 1)
    return 'leaves its plane: export the section as a flat drawing';
  const turned =
    (entity['extrusionDirectionZ'] as number | undefined) ??
    (entity['extrusionDirection'] as { z: number } | undefined)?.z ??
    1;
  if (turned !== 1) return 'was drawn on another plane (mirrored or turned): flatten the drawing';
  if (entity.type === 'POLYLINE' || entity.type === 'LWPOLYLINE')
    return points.length < 2 ? 'has fewer than two corners' : null;
  if (entity.type !== 'SPLINE') return null;
  const [degree, knots, control] = [
    entity['degreeOfSplineCurve'] as number,
    entity['knotValues'] as number[] | undefined,
    entity['controlPoints'] as DrawnPoint[] | undefined,
  ];
  if (!control || !knots) return 'is a spline without control points: turn it into a polyline';
  if (knots.length !== control.length + degree + 1) return 'is a spline whose knots do not match its control points';
  const weights = entity['weights'] as number[] | undefined;
  if (!weights)
    return entity['rational']
      ? 'is a rational spline without its weights: export it again, or turn it into arcs'
      : null;
  if (weights.length !== control.length) return 'is a rational spline whose weights do not match its control points';
  return weights.every((weight) => weight > 0) ? null : 'is a rational spline with a weight that is not above 0';
}
