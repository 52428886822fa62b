import { patternName } from '#core/hub';
import { worstVerdict } from '#core/verdict';
import { roomOf, way, type Case } from './case';
import type { PatternOption } from './option';

export function hubSwap(one: Case): PatternOption {
  const { choices, candidate, wheel, words } = one;
  const shift = choices.hubFaceShiftMm;
  const lines = [
    `a hub of ${patternName(wheel)} that takes this knuckle, bearing and rotor`,
    shift === null ? 'enter how much further out its face sits' : `its face sits ${words.change(shift)} out`,
    'bore, lip and studs are then the other hub’s: enter them at Hub',
  ];
  const given = candidate.wheel ?? {};
  // A face further out is the same wheel with so much less offset.
  const moved =
    shift === null
      ? null
      : given.offsetMm != null
        ? { ...given, offsetMm: given.offsetMm - shift }
        : given.backspacingMm != null
          ? { ...given, backspacingMm: given.backspacingMm - shift }
          : null;
  const room = moved && roomOf(one, { ...candidate, wheel: moved });
  if (room) lines.push(...room.lines);
  return {
    ...way({
      one,
      kind: 'hub-swap',
      title: 'Other hub',
      verdict: 'unknown',
      lines,
      candidate: null,
      price: 'hubSwapEach',
      caution: 'Affects bearing, brake and speed sensor. Licensed work.',
    }),
    verdict: room ? worstVerdict([room.verdict, 'caution']) : 'unknown',
    position: room && room.position,
  };
}
