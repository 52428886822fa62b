import { forTheRoad, type Rule } from '../case';
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
  forTheRoad(dryFit.film),
  tighten.adapters,
  tighten.byHand,
  tighten.turnsFree,
  tighten.wheelNuts,
  look.settle,
  forTheRoad(tighten.settleAndAgain),
  look.readings,
  look.dualGap,
  look.nearest,
  forTheRoad(look.drive),
  forTheRoad(car.pressure),
  forTheRoad(car.sensors),
  forTheRoad(car.speed),
  forTheRoad(car.balance),
  forTheRoad(car.alignment),
  forTheRoad(car.lamps),
  forTheRoad(car.spare),
  forTheRoad(car.retorque),
];
