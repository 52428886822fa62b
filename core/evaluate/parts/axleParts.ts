import { keptFor } from '#core/kept';
import { DomainError } from '#core/errors';
import { leftDiffers, roomOn, type AxleName, type Vehicle } from '#core/job';
import { AT_REST } from '#core/kinematics';
import { fenderOutMm } from '#core/position';
import { resolveGeometry, type ResolvedGeometry, type SuspensionGeometry } from '#core/suspension';
import {
  ASSUMED_LIP_ID,
  assumedLip,
  bulgeOutMm,
  placementIn,
  placePart,
  type PlacedPart,
  type SweptSolid,
  standsOn,
  type Obstacle,
  type Side,
} from '#core/sweep';
import { fitPresent, solidOf } from '../fit';

/** A part around a wheel as the readings have it. */
export interface AxlePart {
  obstacle: Obstacle;
  /** Made from the readings at rest because nobody measured it. */
  assumed: boolean;
  /** Where it stands; null with the fault where that cannot be told. */
  placed: PlacedPart | null;
  fault: string | null;
}

/** All parts around the wheels of an axle, in space, and how its wheels move. */
export interface AxleParts {
  parts: AxlePart[];
  resolved: ResolvedGeometry;
  present: SweptSolid | null;
}

/** Places every part around an axle's wheels, kept for as long as the car stays the same object. */
export function axleParts(vehicle: Vehicle, axle: AxleName): AxleParts {
  const known = keptOf(vehicle);
  return (known[axle] ??= placeAll(vehicle, axle));
}
const keptOf = keptFor<Vehicle, Partial<Record<AxleName, AxleParts>>>(() => ({}));

function placeAll(vehicle: Vehicle, axle: AxleName): AxleParts {
  const resolved = resolveGeometry(vehicle[axle]?.suspension, axle);
  const present = solidOf(fitPresent(vehicle, axle));
  const own = vehicle[axle]?.obstacles ?? [];
  // Without a way to move the wheel an assumed lip would say no more than the gaps it is made from.
  const lips = resolved.geometry
    ? assumedLips({ vehicle, axle, own, bulgeMm: present && restingBulgeMm(present, resolved.geometry) })
    : [];
  const parts = [
    ...own.map((obstacle) => ({ obstacle, assumed: false })),
    ...lips.map((obstacle) => ({ obstacle, assumed: true })),
  ];
  return {
    resolved,
    present,
    parts: parts.map(({ obstacle, assumed }) => {
      const { placed, fault } = tryPlace(obstacle, present, resolved);
      return { obstacle, assumed, placed, fault };
    }),
  };
}

/**
 * The bulge of a wheel straight above the hub, as its camber leans it at rest: what the present tuck is read to,
 * mm from the hub face.
 */
export const restingBulgeMm = (solid: SweptSolid, geometry: SuspensionGeometry | null): number =>
  bulgeOutMm(solid, placementIn(geometry, AT_REST));

/** A part placed by other readings than it was; null where it cannot be. */
export const placedAnew = (
  obstacle: Obstacle,
  present: SweptSolid | null,
  geometry: SuspensionGeometry | null,
): PlacedPart | null => tryPlace(obstacle, present, { geometry }).placed;

function tryPlace(obstacle: Obstacle, present: SweptSolid | null, { geometry }: Pick<ResolvedGeometry, 'geometry'>) {
  try {
    return { placed: placePart(obstacle, present, geometry), fault: null };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { placed: null, fault: error.message };
  }
}

/** One lip for both sides, or one for each where the left was read for itself; none where a lip was measured. */
function assumedLips({
  vehicle,
  axle,
  own,
  bulgeMm,
}: {
  vehicle: Vehicle;
  axle: AxleName;
  own: readonly Obstacle[];
  bulgeMm: number | null;
}): Obstacle[] {
  const measured = (side: Side) => own.some((part) => part.kind === 'fender-lip' && standsOn(part, side));
  const apart = leftDiffers(vehicle[axle]) || measured('left') !== measured('right');
  const sides: readonly (Side | undefined)[] = apart ? ['right', 'left'] : [undefined];
  return sides.flatMap((side) => {
    const { place, overallDiameterMm } = fitPresent(vehicle, axle);
    const { outboardGapMm, archGapMm } = roomOn(vehicle[axle], side ?? 'right');
    if (measured(side ?? 'right') || !place || overallDiameterMm === null) return [];
    if (outboardGapMm == null || archGapMm == null) return [];
    const out = bulgeMm === null ? fenderOutMm(place, outboardGapMm) : bulgeMm + outboardGapMm;
    const points = assumedLip(out, overallDiameterMm / 2, archGapMm);
    return [
      {
        id: side === 'left' ? `${ASSUMED_LIP_ID}-left` : ASSUMED_LIP_ID,
        label: 'Fender lip',
        kind: 'fender-lip' as const,
        mount: 'body' as const,
        ...(side ? { side } : {}),
        points,
      },
    ];
  });
}
