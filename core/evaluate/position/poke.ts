import { pokeTargetOf } from '#core/job';
import { fenderOutMm, pokeMm } from '#core/position';
import type { Words } from '#core/units';
import { fenderVerdict, outerEndMm, type PokeTarget } from '#core/verdict';
import { axleCheck, shareOf, missing, USED_AT_LIMIT } from '../check';
import { lateralSpread, sureOfSum } from '../spread';
import { worseSide, type PositionCase, type FigureCase } from './case';
import { widest } from './lateral';

/** Puts how far the wheel stands beyond the fender on the sheet. */
export function pokeFigures({ job, sheet, candidate, present, vehicleAxle }: FigureCase): void {
  const { words } = sheet;
  const [place, now] = [candidate.place, present.place];
  const gapOut = vehicleAxle.room?.outboardGapMm;
  if (!place || !now || gapOut == null) return;
  const fender = fenderOutMm(now, gapOut);
  const poke = pokeMm(place, fender);
  const spread = place.spreadMm === 0 ? '' : ` + dual spacing ${words.figure(place.spreadMm)}`;
  const lines = () => [
    `fender at ${words.figure(now.outerMm)} + tuck ${words.figure(gapOut)} = ${words.length(fender)} from the hub face`,
    `outermost ${words.figure(-place.effectiveOffsetMm)}${spread} + ${words.figure(place.extentMm)}` +
      ` = ${words.length(place.outerMm)} (${widest(candidate)})`,
    `${words.figure(place.outerMm)} − ${words.figure(fender)} = ${words.length(Math.abs(poke))}` +
      ` ${poke > 0 ? 'poke' : 'tuck'}`,
  ];
  sheet.put('pokeMm', poke, lines);
  sheet.rest('pokeMm', () =>
    sureOfSum('poke', lateralSpread({ axle: vehicleAxle, key: 'outboardGapMm', candidate, present }), job),
  );
  sheet.put('outboardGapMm', -poke, lines);
}

/** How far a wheel stands beyond the fender, or inside it. */
function pokeText(poke: number, words: Words): string {
  const figure = words.figure(Math.abs(poke));
  if (figure === words.figure(0)) return 'flush';
  return `${figure} ${poke > 0 ? 'poke' : 'tuck'}`;
}

/** Poke against what the brief asks for. */
export const fender = axleCheck({
  label: 'Poke',
  group: 'room',
  kind: 'clearance',
  unit: 'mm',
  words: { ok: 'in place', caution: 'too far in', fail: 'too far out', unknown: 'not measured' },
  ring: ({ margin }) => shareOf(USED_AT_LIMIT / (1 + Math.max(0, margin) / 10)),
  work: 'room',
  bySize: true,
  says: {
    figure: ({ value }, words) => (value === null ? null : pokeText(value, words)),
    limit: ({ limit }, words) => (limit === null ? null : `out to ${pokeText(limit, words)}`),
    margin({ margin, verdict }, words) {
      if (margin === null || margin === 0) return null;
      if (verdict === 'caution') return 'short of the target';
      return `${words.length(Math.abs(margin))} ${verdict === 'fail' ? 'beyond' : 'to spare'}`;
    },
  },
  judge({ job, axle, sheet, left }: Pick<PositionCase, 'job' | 'axle' | 'sheet' | 'left'>) {
    const target = pokeTargetOf(job.brief, axle);
    const { figures, side } = worseSide(
      { sheet, left },
      (on) => fenderVerdict(on.pokeMm, target),
      (on) => (on.pokeMm === null ? null : -on.pokeMm),
    );
    const poke = figures.pokeMm;
    const outer = outerEndMm(target);
    return {
      label: `Poke${side}`,
      value: poke,
      limit: outer,
      margin: poke === null ? null : outer - poke,
      verdict: fenderVerdict(poke, target),
      lines: () => [
        ...(figures.lines('pokeMm') ?? missing('wheel, tire and tuck are needed')),
        targetLine(target, sheet.words),
      ],
      spread: figures.spreadOf('pokeMm', null),
    };
  },
});

function targetLine({ min, max }: PokeTarget, words: Words): string {
  if (max !== null) return `target: ${min === null ? 'any tuck' : face(min, words)} to ${face(max, words)}`;
  if (min === null) return 'no target given: no poke';
  return `target: ${face(min, words)} or further out, no poke`;
}

const face = (poke: number, words: Words): string =>
  poke === 0 ? 'flush' : `${words.length(Math.abs(poke))} ${poke > 0 ? 'poke' : 'tuck'}`;
