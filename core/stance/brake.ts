import { withoutRepeats, type AxialPoint, type Caliper } from '#core/brake';
import { box } from './box';
import type { Mesh } from './mesh';
import { revolved } from './revolved';
import { sector } from './sector';
import { SEGMENTS } from './segments';

/** What a brake is drawn as where only its outline or its rotor is known, mm (common practice, no source). */
const ROTOR = { thickMm: 24, boreMm: 62, atMm: -22, insideMm: 10 };
/** A caliper stands behind the hub, so far around it, degrees (common practice, no source). */
const CALIPER = { fromDeg: -122, toDeg: -58, steps: 12 };

/** A brake in the hub's frame: what is known of it, the rest as it usually is. */
export interface BrakeBodies {
  rotor: Mesh | null;
  caliper: Mesh | null;
}

/** The bodies of a brake: its outline as far around the hub as a caliper usually reaches, and its rotor through it. */
export function brakeBodies({ outline, rotorDiameterMm }: Pick<Caliper, 'outline' | 'rotorDiameterMm'>): BrakeBodies {
  const corners = outline && withoutRepeats(outline);
  const radius = rotorDiameterMm != null ? rotorDiameterMm / 2 : corners ? outermost(corners) - ROTOR.insideMm : null;
  const middle = corners ? (least(corners) + most(corners)) / 2 : ROTOR.atMm;
  return {
    rotor: radius === null || radius <= ROTOR.boreMm ? null : rotorBody(middle, radius),
    caliper: corners ? sector(corners, CALIPER) : null,
  };
}

const rotorBody = (middle: number, radius: number): Mesh =>
  revolved(box([middle - ROTOR.thickMm / 2, middle + ROTOR.thickMm / 2], [ROTOR.boreMm, radius]), SEGMENTS);

const outermost = (line: readonly AxialPoint[]): number => Math.max(...line.map(({ r }) => r));
const least = (line: readonly AxialPoint[]): number => Math.min(...line.map(({ a }) => a));
const most = (line: readonly AxialPoint[]): number => Math.max(...line.map(({ a }) => a));
