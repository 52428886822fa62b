import { against, open } from './against';
import { costs } from './costs';
import { goesOn } from './goesOn';
import { modified } from './modified';
import { onTheRoad } from './onTheRoad';
import { roomAround } from './roomAround';
import type { CustomerRow } from './row';
import { stands } from './stands';

/** The rows of a customer's sheet, in their order; a new one is an object. */
export const CUSTOMER_ROWS: readonly CustomerRow[] = [
  goesOn,
  stands,
  roomAround,
  onTheRoad,
  modified,
  costs,
  against,
  open,
];
