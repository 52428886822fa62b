import type { DryFit } from '#core/centering';
import type { SetupFastener } from '#core/fastener';
import type { SensorChoice } from '#core/sensor';
import type { Change } from '#core/suspension';
import type { Tire } from '#core/tire';
import type { Measured } from '#core/units';
import type { StackPart } from './stackPart';
import type { Wheel } from './wheel';

/** What is carried as the spare: a wheel of the setup, the one that is kept, or none. */
export const SPARE_CHOICES = ['front', 'rear', 'kept', 'none'] as const;
export type SpareChoice = (typeof SPARE_CHOICES)[number];

export type SuspensionChange = Change;

/** A set of wheels, tires and what goes with them that may go on the car. */
export interface Setup {
  id: string;
  label?: string | undefined;
  front?: SetupAxle | undefined;
  rear?: SetupAxle | undefined;
  suspensionChange?: { front?: SuspensionChange | undefined; rear?: SuspensionChange | undefined } | undefined;
  /** The speedometer is set anew for these tires. */
  speedometerSet?: boolean | undefined;
  spare?: SpareChoice | undefined;
  sensors?: SensorChoice | undefined;
  /** Work and parts that nothing else of the setup asks for. */
  extras?: Extra[] | undefined;
}

/** Work or a part by itself: so many at a price, or the time that it takes. */
export interface Extra {
  id: string;
  label: string;
  count?: Measured;
  priceEach?: Measured;
  minutes?: Measured;
}

/** What of a setup goes on one axle. */
export interface SetupAxle {
  wheel?: Wheel | undefined;
  tire?: Tire | undefined;
  stack?: StackPart[] | undefined;
  /** Spacer between the discs of dual wheels. */
  dualSpacerMm?: Measured;
  /** Nuts, bolts or studs that come with the setup; what is left out stays as the hub has it. */
  fastener?: SetupFastener | undefined;
  /** What a dry fit showed, face by face. */
  dryFit?: DryFit | undefined;
  /** The same said of all faces at once. */
  dryFitFlush?: boolean | undefined;
}
