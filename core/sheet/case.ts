import type { AxleReport, Hardware, SetupReport } from '#core/evaluate';
import type { Corner, CornerPlace, FittingKind } from '#core/fitting';
import type { Job, Setup, SetupAxle, StackPart } from '#core/job';
import type { Words } from '#core/units';
import type { FittingStep, SheetStep } from './records';

/** What is known when the sheet of a setup is made. */
export interface CarCase {
  job: Job;
  setup: Setup;
  report: SetupReport;
  words: Words;
  kind: FittingKind;
}

/** The same at one corner that the setup has something for. */
export interface CornerCase extends CarCase, CornerPlace {
  corner: Corner;
  candidate: SetupAxle;
  /** Spacers and adapters from the hub outward; rings are none. */
  pieces: readonly StackPart[];
  hardware: Hardware;
  figures: AxleReport;
  dual: boolean;
}

/** A step as its rule makes it; what is left out is none. */
export type Made = Pick<SheetStep, 'text' | 'because'> &
  Partial<Pick<FittingStep, 'expects' | 'torqueNm' | 'tightens'>> & {
    /** Behind the rule's own name, where it makes several; or a name in its place. */
    of?: string;
    id?: string;
  };

/** One thing to do at the car; it makes nothing where nothing in the setup asks for it. */
export interface CarRule {
  on: 'car';
  id: string;
  /** What was done, in a few words. */
  name: string;
  /** Only where the car is driven with it: a mock-up leaves it out. */
  forTheRoad?: true;
  make(one: CarCase): readonly Made[];
}
export interface CornerRule {
  on: 'corner';
  id: string;
  name: string;
  forTheRoad?: true;
  make(one: CornerCase): readonly Made[];
}
export type Rule = CarRule | CornerRule;

export const carRule = (id: string, name: string, make: CarRule['make']): CarRule => ({ on: 'car', id, name, make });
export const cornerRule = (id: string, name: string, make: CornerRule['make']): CornerRule => ({
  on: 'corner',
  id,
  name,
  make,
});

/** A rule that a mock-up has no use for. */
export const forTheRoad = <R extends Rule>(rule: R): R => ({ ...rule, forTheRoad: true });
