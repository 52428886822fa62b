import {
  barrelFault,
  outlineFault,
  spokeFault,
  weightsFault,
  FACE_ORIGINS,
  type AxialPoint,
  type FaceOrigin,
  type InnerFace,
  type SpokeFamily,
  type WeightZone,
} from '#core/brake';
import { DomainError } from '#core/errors';
import { readNumber } from '#core/units';

const FAMILIES: readonly SpokeFamily[] = ['flat', 'curved', 'domed', 'deep'];

/** Figures to a thousandth of a millimeter: finer than anybody measures. */
const figure = (mm: number): string => String(Math.round(mm * 1000) / 1000 + 0);
const points = (line: readonly AxialPoint[]): string => line.map(({ a, r }) => `${figure(a)}/${figure(r)}`).join(' ');

/** A closed outline as one line of text: corner by corner, from the face / from the axis. */
export const outlineText = (outline: readonly AxialPoint[]): string => points(outline);

/** An inner face as one line of text that reads back the same, to a thousandth of a millimeter. */
export function faceText({ barrel, spoke, weights, family, origin, readOn }: InnerFace): string {
  return [
    ...(barrel ? [`barrel ${points(barrel)}`] : []),
    ...(spoke ? [`spoke ${points(spoke)}`] : []),
    ...(weights?.length
      ? [
          'weights' +
            ` ${weights.map(({ fromMm, toMm, heightMm }) => [fromMm, toMm, heightMm].map(figure).join('/')).join(' ')}`,
        ]
      : []),
    ...(family ? [`family ${family}`] : []),
    ...(origin ? [`origin ${origin}`] : []),
    ...(readOn ? [`on ${readOn.rimWidthIn}/${figure(readOn.offsetMm)}`] : []),
  ].join(' | ');
}

const groups = (text: string, of: number, like: string): number[][] =>
  text
    .trim()
    .split(/\s+/)
    .map((group) => {
      const parts = group.split('/');
      if (parts.length !== of) throw new DomainError(`“${group.slice(0, 40)}” is not written like ${like}`);
      return parts.map(readNumber);
    });
const line = (text: string): AxialPoint[] => groups(text, 2, '34/190').map(([a, r]) => ({ a: a!, r: r! }));

function sound<T>(value: T, fault: string | null, name: string): T {
  if (fault) throw new DomainError(`${name} ${fault}`);
  return value;
}

/**
 * Reads a closed outline from one line of text.
 * @throws DomainError with the group that is not one, or what is wrong with the outline
 */
export function readOutlineText(text: string): AxialPoint[] {
  const outline = line(text);
  return sound(outline, outlineFault(outline), 'it');
}

/**
 * Reads an inner face from one line of text: sections between bars, each a word and its figures.
 * @throws DomainError with the section or figure that is not one
 */
export function readFaceText(text: string): InnerFace {
  const face: InnerFace = {};
  for (const section of text.split('|')) {
    const [, word = '', rest = ''] = /^\s*(\S*)\s*(.*?)\s*$/s.exec(section)!;
    if (word === 'barrel') face.barrel = line(rest);
    else if (word === 'spoke') face.spoke = line(rest);
    else if (word === 'weights')
      face.weights = groups(rest, 3, '-60/-20/5').map(([fromMm, toMm, heightMm]): WeightZone => ({
        fromMm: fromMm!,
        toMm: toMm!,
        heightMm: heightMm!,
      }));
    else if (word === 'family') face.family = oneOf(FAMILIES, rest);
    else if (word === 'origin') face.origin = oneOf<FaceOrigin>(FACE_ORIGINS, rest);
    else if (word === 'on') {
      const [[rimWidthIn, offsetMm]] = groups(rest, 2, '7.5/40') as [[number, number]];
      face.readOn = { rimWidthIn, offsetMm };
    } else throw new DomainError(`“${word.slice(0, 40)}” is not one of barrel, spoke, weights, family, origin, on`);
  }
  if (face.barrel) sound(face, barrelFault(face.barrel), 'the barrel');
  if (face.spoke) sound(face, spokeFault(face.spoke), 'the spoke');
  return sound(face, weightsFault(face.weights ?? [], face.barrel), 'weights:');
}

function oneOf<T extends string>(known: readonly T[], word: string): T {
  const found = known.find((one) => one === word);
  if (!found) throw new DomainError(`“${word.slice(0, 40)}” is not one of ${known.join(', ')}`);
  return found;
}
