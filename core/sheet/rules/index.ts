import type { Rule } from '../case';
import * as car from './car';
import * as dryFit from './dryFit';
import * as look from './look';
import * as prepare from './prepare';
import * as tighten from './tighten';

/** What is done at the car, in order; the rules of a corner that stand together are gone through corner by corner. */
export const RULES: readonly Rule[] = [
  prepare.lay,
  prepare.apart,
  prepare.labels,
  prepare.safe,
  prepare.bare,
  prepare.clips,
  dryFit.faces,
  dryFit.rings,
  dryFit.pockets,
  dryFit.cap,
  dryFit.film,
  tighten.adapters,
  tighten.byHand,
  tighten.turnsFree,
  tighten.wheelNuts,
  look.settle,
  tighten.settleAndAgain,
  look.readings,
  look.dualGap,
  look.nearest,
  look.drive,
  car.pressure,
  car.sensors,
  car.speed,
  car.balance,
  car.alignment,
  car.lamps,
  car.spare,
  car.retorque,
];
