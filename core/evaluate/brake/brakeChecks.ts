import { UNSEEN_MM, type AxialPoint } from '#core/brake';
import type { Words } from '#core/units';
import { axleCheck, limitLine, type Judgement } from '../check';
import type { Sheet } from '../report';
import type { BrakeCase, PartRoom } from './brake';

const brakeCheck = (to: PartRoom['to'], label: string, short?: string) =>
  axleCheck({
    label,
    ...(short === undefined ? {} : { short }),
    group: 'brake',
    kind: 'clearance',
    unit: 'mm',
    work: 'room',
    judge: ({ brake, sheet }: { brake: BrakeCase; sheet: Pick<Sheet, 'words'> }) => roomTo(brake, to, sheet.words),
  });

/** A brake in a wheel: to its spokes, to its barrel, and to balance weights where some are known. */
export const brakeSpoke = brakeCheck('spoke', 'Brake to spokes', 'Brake, spokes');
export const brakeBarrel = brakeCheck('barrel', 'Brake to barrel', 'Brake, barrel');
export const brakeWeight = brakeCheck('weight', 'Brake to balance weights');

/** The room a brake has to one part of a wheel; null where nothing of the kind is known. */
function roomTo(brake: BrakeCase, to: PartRoom['to'], words: Words): Judgement | null {
  const part = brake.parts.find((one) => one.to === to);
  if (!part) return null;
  const { clearance, limit, verdict } = part;
  return {
    value: clearance?.mm ?? null,
    limit: limit.value,
    margin: clearance && clearance.mm - limit.value,
    verdict,
    lines: () => [...brakeLines(brake, part, words), limitLine(limit, words.length(limit.value))],
    spread: { sure: brake.sure, mostTouch: brake.mostTouch, words },
  };
}

/** What is known all the same of the wheel on the car now. */
function asNowLines(on: PartRoom['on'], movedOutMm: number, words: Words): string[] {
  const same = 'the wheel on the car now clears its brake (same figures, so taken as the same wheel)';
  if (movedOutMm === 0) return [same, 'as now'];
  return on === 'spokes'
    ? [same, `as now, moved out by ${words.length(movedOutMm)}: the spokes are further away`]
    : [same, `its barrel moves out by ${words.length(movedOutMm)} along its axis: turn it by hand, all around`];
}

function brakeLines(one: BrakeCase, { clearance, on, unseenMm }: PartRoom, words: Words): string[] {
  const { missing, report, stackMm, face, movedOutMm } = one;
  const bare = missing !== null && clearance !== null;
  const read = clearance ? null : (missing ?? `the wheel's ${on} were not measured`);
  if (read !== null) return [`not known: ${read}`, ...(movedOutMm === null ? [] : asNowLines(on, movedOutMm, words))];
  if (!clearance) return [];
  const at = ({ a, r }: AxialPoint) => `${words.figure(a)} / ${words.figure(r)}`;
  return [
    `behind a stack of ${words.length(stackMm!)}, from hub face / from axis: brake ${at(clearance.caliper)},` +
      ` wheel ${at(clearance.wheel)}`,
    clearance.mm < 0 ? `they overlap by ${words.length(-clearance.mm)}` : `${words.length(clearance.mm)} apart there`,
    ...(unseenMm > UNSEEN_MM
      ? [`not known further: the brake reaches ${words.length(unseenMm)} past where the ${on} were measured`]
      : []),
    ...(report.assumed ? [`assumed: a ${face!.family ?? ''} inner face of its family, not measured`] : []),
    bare
      ? 'the metal under the bead of the tire stands there, whatever this wheel is like inside'
      : report.stackToClearMm === null
        ? 'no stack makes it clear'
        : `meets its limits with a stack of ${words.length(report.stackToClearMm)} or more`,
  ];
}
