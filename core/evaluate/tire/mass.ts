import { equivalentMassKg, RIM_SHARE, tireInertiaKgM2, wheelInertiaKgM2 } from '#core/mass';
import type { StackPart } from '#core/job';
import { rimSeatDiameterMm } from '#core/tire';
import { formatNumber } from '#core/units';
import type { Fitted } from '../fit';
import type { Sheet } from '../report';

/** A corner's weight and how hard it is to set turning; null where something was not weighed. */
interface Corner {
  massKg: number;
  notWeighed: number;
  inertiaKgM2: number | null;
  equivalentKg: number | null;
  wheelKg: number;
  tireKg: number;
}

const text = (value: number, decimals = 1, plus = false): string => formatNumber(value, decimals, plus);

type Weighed = Pick<StackPart, 'massKg'>;

interface MassAsk {
  sheet: Sheet;
  candidate: Fitted;
  stack: readonly Weighed[];
  present: Fitted;
}

/** Puts weight and rotating inertia of a corner on the sheet, and what changes against now. */
export function massFigures({ sheet, candidate, stack, present }: MassAsk): void {
  const corner = cornerOf(candidate, stack);
  if (!corner) return;
  const { words } = sheet;
  const kg = (value: number, plus = false) => words.measure('mass', value, plus);
  const many = candidate.dual ? '2 × ' : '';
  sheet.put('massKg', corner.massKg, () => [
    `${many}(wheel ${kg(corner.wheelKg)} + tire ${kg(corner.tireKg)})${stackText(stack, kg)} = ${kg(corner.massKg)}`,
    ...(corner.notWeighed > 0 ? [`without ${corner.notWeighed} of the stack not weighed`] : []),
  ]);
  const { inertiaKgM2: inertia, equivalentKg } = corner;
  if (inertia !== null)
    sheet.put('inertiaKgM2', inertia, () => [
      `wheel: ${RIM_SHARE} of its mass at the bead seat, the rest a disc, 0.8·m·r²; tire: a ring, m·(r² + R²)/2`,
      `= ${text(inertia, 3)} kg·m² (common practice; turning parts are not weighed one by one)`,
    ]);
  const now = cornerOf(present, []);
  if (!now) return;
  const change = corner.massKg - now.massKg;
  sheet.put('massChangeKg', change, () => [
    `${kg(corner.massKg)} − ${kg(now.massKg)} = ${kg(change, true)} a corner, unsprung`,
  ]);
  if (inertia === null || now.inertiaKgM2 === null || equivalentKg === null || now.equivalentKg === null) return;
  const before = now.inertiaKgM2;
  const pct = 100 * (inertia / before - 1);
  const felt = equivalentKg - now.equivalentKg;
  sheet.put('inertiaChangePct', pct, () => [`${text(inertia, 3)} / ${text(before, 3)} − 1 = ${text(pct, 1, true)} %`]);
  sheet.put('equivalentChangeKg', felt, () => [
    'equivalent mass when accelerating and braking: m + I/R²',
    `${kg(equivalentKg)} − ${kg(now.equivalentKg!)} = ${kg(felt, true)} a corner`,
  ]);
}

function stackText(stack: readonly Weighed[], kg: (value: number) => string): string {
  const weighed = stack.flatMap(({ massKg }) => (massKg == null ? [] : [massKg]));
  return weighed.length === 0 ? '' : ` + stack ${kg(weighed.reduce((sum, mass) => sum + mass, 0))}`;
}

function cornerOf(fitted: Fitted, stack: readonly Weighed[]): Corner | null {
  const { wheel, tire, overallDiameterMm: diameter, dual } = fitted;
  if (wheel.massKg == null || tire.massKg == null) return null;
  const many = dual ? 2 : 1;
  const pieces = stack.map(({ massKg }) => massKg ?? 0);
  const massKg = many * (wheel.massKg + tire.massKg) + pieces.reduce((sum, mass) => sum + mass, 0);
  const seat = wheel.rimDiameterIn == null ? null : rimSeatDiameterMm(wheel.rimDiameterIn);
  const inertiaKgM2 =
    seat === null || diameter === null
      ? null
      : many * (wheelInertiaKgM2(wheel.massKg, seat) + tireInertiaKgM2(tire.massKg, seat, diameter));
  return {
    massKg,
    notWeighed: stack.filter((piece) => piece.massKg == null).length,
    inertiaKgM2,
    equivalentKg: inertiaKgM2 === null ? null : equivalentMassKg(massKg, inertiaKgM2, diameter!),
    wheelKg: wheel.massKg,
    tireKg: tire.massKg,
  };
}
