import { threadOrNull } from '#core/fastener';
import type { Hub } from '#core/hub';
import { hubPatternOf } from '#core/evaluate';
import type { Vehicle } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import type { FindAxle } from './records';

/** What of a shelf can be put together on a car. */
export interface Offer {
  wheels: ShelfItem[];
  tires: ShelfItem[];
  /** None, then each spacer and adapter that goes on the hubs. */
  pieces: (ShelfItem | null)[];
  rings: ShelfItem[];
  fasteners: ShelfItem[];
  /** Spacers and adapters for other hubs. */
  otherPieces: number;
}

/** Circles that differ by less are one, mm. */
const SAME_CIRCLE_MM = 0.05;
/** A ring of which the outside is further from the bore does not sit in it, mm. */
const RING_MM = 1;

const hubsOf = (vehicle: Vehicle, axle: FindAxle): Hub[] =>
  (axle === 'both' ? (['front', 'rear'] as const) : [axle]).map((one) => vehicle[one]?.hub ?? {});

/** What there is for the wheels that are looked for; what has run out is left out. */
export function offerOf(shelf: readonly ShelfItem[], vehicle: Vehicle, axle: FindAxle): Offer {
  const hubs = hubsOf(vehicle, axle);
  const kept = shelf.filter(({ quantity }) => quantity !== 0);
  const of = (...kinds: ShelfItem['kind'][]) => kept.filter(({ kind }) => kinds.includes(kind));
  const pieces = of('spacer', 'adapter').filter(({ thicknessMm }) => thicknessMm != null);
  const going = pieces.filter((piece) => hubs.every((hub) => pieceGoesOn(piece, hub)));
  return {
    wheels: of('wheel').filter(
      ({ rimDiameterIn, rimWidthIn, offsetMm }) => rimDiameterIn != null && rimWidthIn != null && offsetMm != null,
    ),
    tires: of('tire').filter(
      ({ size, sectionWidthMm, overallDiameterMm }) =>
        size !== undefined || (sectionWidthMm != null && overallDiameterMm != null),
    ),
    pieces: [null, ...going],
    rings: of('ring').filter(({ outerMm, innerMm }) => outerMm != null && innerMm != null),
    fasteners: of('fastener').filter((item) => hubs.every((hub) => holdsOn(item, hub))),
    otherPieces: pieces.length - going.length,
  };
}

/** Whether a spacer or adapter is for the pattern of a hub, or for any; an adapter goes on what is known alone. */
export function pieceGoesOn({ kind, lugCount, boltCircleMm }: ShelfItem, hub: Hub): boolean {
  const { pattern } = hubPatternOf(hub);
  const whole = pattern.lugCount != null && pattern.boltCircleMm != null;
  if (lugCount == null || boltCircleMm == null) return kind === 'spacer';
  return whole && pattern.lugCount === lugCount && Math.abs(pattern.boltCircleMm! - boltCircleMm) < SAME_CIRCLE_MM;
}

/** Whether nuts, bolts or studs of the shelf are of a hub's kind and thread. */
function holdsOn({ form, thread }: ShelfItem, { fastener }: Hub): boolean {
  const name = threadOrNull(fastener?.thread)?.name;
  if (name === undefined || threadOrNull(thread)?.name !== name) return false;
  return fastener?.kind === 'bolt' ? form === 'bolt' : form === 'stud' || form === 'nut';
}

/** The rings that sit in a wheel's bore; none where it was not measured. */
export const ringsFor = ({ boreMm }: ShelfItem, rings: readonly ShelfItem[]): ShelfItem[] =>
  boreMm == null ? [] : rings.filter(({ outerMm }) => Math.abs(outerMm! - boreMm) <= RING_MM);
