import type { AxialPoint, InnerFace } from '#core/brake';
import { box, grown, intersection, union, type Region } from './regions';

/**
 * A card to be cut out: what to cut along, and the real lines inside it. Mm in the half section, a from the face, r
 * from the axis.
 */
export interface Card {
  cut: Region;
  real: { points: AxialPoint[]; closed: boolean }[];
  /** How far the face line runs, from the axis. */
  faceToMm: number;
}

/** How far the card's spigot goes into a bore, and how deep the card goes back behind the face at least, mm. */
const SPIGOT_MM = 12;
const BACK_MM = 30;
/** Radius of the pad that a gauge of a wheel stands on, mm. */
const PAD_MM = 70;
/** How broad the card of a wheel's face is behind the face, and over the barrel, mm. */
const BEHIND_MM = 20;
const OVER_MM = 8;

/**
 * The card of a brake: its outline with a margin around it, held at the hub by an arm behind the face line and a spigot
 * of the hub's bore. Laid into a wheel and turned, it goes where the brake would.
 */
export function brakeCard(outline: readonly AxialPoint[], boreMm: number | null, marginMm: number): Card {
  const [places, radii] = [outline.map(({ a }) => a), outline.map(({ r }) => r)];
  const [least, most] = [Math.min(...radii), Math.max(...radii)];
  const inboard = Math.min(...places, -BACK_MM);
  const middle = (least + most) / 2;
  const arm: Region = [box({ fromA: inboard, fromR: 0, toA: 0, toR: middle })];
  // A brake that stands wholly outboard of the face hangs on a neck at its own radius.
  const neck: Region =
    Math.min(...places) > -1
      ? [box({ fromA: inboard, fromR: least, toA: (Math.min(...places) + Math.max(...places)) / 2, toR: middle })]
      : [];
  const spigot: Region = boreMm === null ? [] : [box({ fromA: -1, fromR: 0, toA: SPIGOT_MM, toR: boreMm / 2 })];
  const held = [...neck, ...spigot].reduce((sum, part) => union(sum, [part]), arm);
  return {
    cut: union(grown([[...outline]], marginMm), held),
    real: [{ points: [...outline], closed: true }],
    faceToMm: most + 10,
  };
}

/**
 * The card of a wheel's inner face, as a negative: the wheel's metal from the face outward, with a margin toward the
 * brake, standing on the hub's face. Held to the hub and turned, it goes where the wheel would.
 */
export function faceCard({ barrel, spoke }: InnerFace, boreMm: number | null, marginMm: number): Card {
  const outward = barrel && (barrel[0]!.a <= barrel.at(-1)!.a ? barrel : barrel.toReversed());
  const inward = spoke && (spoke[0]!.r >= spoke.at(-1)!.r ? spoke : spoke.toReversed());
  const line = [...(outward ?? []), ...(inward ?? [])];
  const [outer, over] = [
    Math.max(...line.map(({ a }) => a)) + BEHIND_MM,
    Math.max(...line.map(({ r }) => r)) + OVER_MM,
  ];
  const foot = Math.min(PAD_MM, line.at(-1)!.r);
  const lip = boreMm === null ? 0 : boreMm / 2;
  const metal: Region = [
    [
      ...line,
      { a: 0, r: foot },
      { a: 0, r: lip },
      { a: SPIGOT_MM + 6, r: lip },
      { a: SPIGOT_MM + 6, r: 0 },
      { a: outer, r: 0 },
      { a: outer, r: over },
      { a: line[0]!.a, r: over },
    ],
  ];
  // The margin stops over the pad: the card must still stand on the hub's face.
  const overPad = union(
    [box({ fromA: 0, fromR: foot, toA: outer, toR: over })],
    [box({ fromA: -1000, fromR: Math.max(foot, line.at(-1)!.r), toA: outer, toR: over })],
  );
  const toward = intersection(grown(metal, marginMm), overPad);
  return {
    cut: union(metal, toward),
    real: [
      ...(outward ? [{ points: outward, closed: false }] : []),
      ...(inward ? [{ points: inward, closed: false }] : []),
    ],
    faceToMm: foot,
  };
}
