import { SEAT_NAMES, type SetupFastener } from '#core/fastener';
import type { Hub } from '#core/hub';
import type { StackPart, Wheel } from '#core/job';
import { offsetFigure, rimFigure, roundTo } from '#core/units';
import type { Tire } from '#core/tire';

const known = (...parts: (string | null | false | undefined)[]): string => parts.filter(Boolean).join(' ');
const plain = (mm: number): string => String(roundTo(mm, 2));
const pattern = (count: number | null | undefined, circleMm: number | null | undefined): string | null =>
  count == null || circleMm == null ? null : `${count}×${plain(circleMm)}`;

/** A wheel as it is ordered: `17×7.5 5×112 ET45 CB66.6 cone 60°`. */
export const wheelFigures = (wheel: Wheel): string => {
  const { rimDiameterIn, rimWidthIn, lugCount, boltCircleMm, offsetMm, boreMm, seat } = wheel;
  return known(
    rimDiameterIn != null && rimWidthIn != null && `${rimFigure(rimDiameterIn)}×${rimFigure(rimWidthIn)}`,
    pattern(lugCount, boltCircleMm),
    offsetMm != null && `ET${offsetFigure(offsetMm).replace('+', '')}`,
    boreMm != null && `CB${plain(boreMm)}`,
    seat && SEAT_NAMES[seat],
  );
};

/** Whether a size says what the tire carries and how fast: `215/45R17 91W`. */
const saysService = (size: string): boolean => /\s\d{2,3}(\/\d{2,3})?[A-Z]/.test(size);

/** A tire as it is ordered: its make, its size, and its marks where the size has none. */
export const tireFigures = ({ label, size, loadIndex, speed, loadRange }: Tire): string =>
  known(
    label,
    size,
    size && !saysService(size) && known(loadIndex != null && String(loadIndex), speed),
    loadRange && `load range ${loadRange}`,
  );

/** A piece of the stack as it is ordered: `5 mm 4×108 bore 63.4`, `25 mm 4×108 to 5×112`, `72.6/63.4`. */
export function pieceFigures(part: StackPart, hub: Pick<Hub, 'lugCount' | 'boltCircleMm'>): string {
  const { kind, thicknessMm, innerBoreMm, outerLipMm, outerMm, innerMm, toLugCount, toBoltCircleMm } = part;
  if (kind === 'ring') return known(outerMm != null && innerMm != null && `${plain(outerMm)}/${plain(innerMm)}`);
  const at = pattern(hub.lugCount, hub.boltCircleMm);
  const to = kind === 'bolt-on' ? pattern(toLugCount ?? hub.lugCount, toBoltCircleMm ?? hub.boltCircleMm) : null;
  return known(
    thicknessMm != null && `${plain(thicknessMm)} mm`,
    at && to && at !== to ? `${at} to ${to}` : at,
    innerBoreMm != null && `bore ${plain(innerBoreMm)}`,
    outerLipMm != null && `lip ${plain(outerLipMm)}`,
    kind === 'bolt-on' && part.thread,
  );
}

/** A nut, bolt or stud as it is ordered: `M14x1.5×43 ball R13`. */
export const fastenerFigures = ({ thread, lengthMm, seat }: SetupFastener): string =>
  known(
    thread && `${thread}${lengthMm == null ? '' : `×${plain(lengthMm)}`}`,
    !thread && lengthMm != null && `${plain(lengthMm)} mm`,
    seat && SEAT_NAMES[seat],
  );
