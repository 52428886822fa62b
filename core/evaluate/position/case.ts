import type { AxleName, Job, SuspensionChange, VehicleAxle } from '#core/job';
import { worstVerdict, type Verdict } from '#core/verdict';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';

/** What the figures of an axle are worked out from. */
export interface FigureCase {
  job: Job;
  axle: AxleName;
  vehicleAxle: VehicleAxle;
  /** The wheel, tire and stack that may go on, and those that are on now. */
  candidate: Fitted;
  present: Fitted;
  change: SuspensionChange | null;
  sheet: Sheet;
}

/** What the place of a wheel is judged by. */
export interface PositionCase extends FigureCase {
  /** The figures of the left side where it was read for itself. */
  left: Sheet | null;
}

/** The side that is worse off, with its name where the two were read apart. */
export interface WorseSide {
  figures: Sheet;
  side: string;
}

/** The side that is worse off, by verdict and then by the room it has left. */
export function worseSide(
  { sheet, left }: Pick<PositionCase, 'sheet' | 'left'>,
  judge: (figures: Sheet) => Verdict,
  roomOf: (figures: Sheet) => number | null,
): WorseSide {
  if (!left) return { figures: sheet, side: '' };
  const [right, other] = [judge(sheet), judge(left)];
  const less = (roomOf(left) ?? Infinity) < (roomOf(sheet) ?? Infinity);
  const leftHolds = right === other ? less : worstVerdict([right, other]) === other;
  return leftHolds ? { figures: left, side: ', left' } : { figures: sheet, side: ', right' };
}
