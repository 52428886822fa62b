import { createContext, type Dispatch, type SetStateAction } from 'react';

/** A field that an instrument may write into. */
export interface FieldInHand {
  /** Names the field across the job. */
  name: string;
  label: string;
  measures: 'length' | 'torque';
  /** Takes a text as if it were typed and Enter pressed; says whether it was a value. */
  put(text: string): boolean;
  /** Goes back into it, where it had the focus. */
  focus?(): void;
}

/** Says which field is in hand; null when none is any more. */
export const HoldFieldContext = createContext<Dispatch<SetStateAction<FieldInHand | null>>>(() => {});

/** Where the focus may go without the field being let go: what writes into it stands there. */
export const KEEPS_FIELD = 'data-keeps-field';
