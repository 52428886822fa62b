import { roomOn, type AxleName, type Vehicle } from '#core/job';
import { fenderOutMm, innerPartOutMm } from '#core/position';
import type { Section } from '#core/section';
import type { Side } from '#core/sweep';
import { fitPresent, type Fitted } from './fitted';
import { sectionOfFitted } from './section';

/** A wheel and tire ready to draw. */
export interface WheelSection {
  fitted: Fitted;
  section: Section | null;
}

/** The corner of the car as far as it is measured, mm. */
export interface CornerSection {
  present: WheelSection;
  fenderOut: number | null;
  innerPartOut: number | null;
  /** Height of the fender's lip over the hub's axis. */
  lipUp: number | null;
}

/** What part of a corner's plane is shown, mm from the hub face (lateral) and from the hub's axis (up). */
export interface SectionRange {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

export const wheelSection = (fitted: Fitted): WheelSection => ({ fitted, section: sectionOfFitted(fitted) });

/** What the readings say about a corner. */
export function cornerSection(vehicle: Vehicle, axle: AxleName, side: Side = 'right'): CornerSection {
  const fitted = fitPresent(vehicle, axle);
  const room = roomOn(vehicle[axle], side);
  const { place, overallDiameterMm: diameter } = fitted;
  return {
    present: wheelSection(fitted),
    fenderOut: place && room.outboardGapMm != null ? fenderOutMm(place, room.outboardGapMm) : null,
    innerPartOut: place && room.inboardGapMm != null ? innerPartOutMm(place, room.inboardGapMm) : null,
    lipUp: diameter !== null && room.archGapMm != null ? diameter / 2 + room.archGapMm : null,
  };
}

const STEP_MM = 20;
const down = (mm: number) => Math.floor(mm / STEP_MM) * STEP_MM;
const up = (mm: number) => Math.ceil(mm / STEP_MM) * STEP_MM;

/** The part of the plane to show: everything drawn, in steps of 20 mm so that a nudge does not move the paper. */
export function cornerRange(corner: CornerSection, subject: WheelSection, riseMm: number): SectionRange {
  const all = [corner.present, subject];
  const lateral = all.flatMap(({ fitted }) => (fitted.place ? [fitted.place.innerMm, fitted.place.outerMm] : []));
  const radii = all.flatMap(({ fitted }) => (fitted.overallDiameterMm === null ? [] : [fitted.overallDiameterMm / 2]));
  const seen = (value: number | null) => (value === null ? [] : [value]);
  return {
    left: down(Math.min(-150, ...lateral, ...seen(corner.innerPartOut)) - 24),
    right: up(Math.max(70, ...lateral, ...seen(corner.fenderOut)) + 24),
    bottom: 0,
    top: up(Math.max(300, ...radii, ...seen(corner.lipUp === null ? null : corner.lipUp + riseMm)) + 14),
  };
}
