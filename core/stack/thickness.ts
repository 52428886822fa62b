import { DomainError } from '#core/errors';

/** What a pack's label says its thickness of: each piece, or the pair together. */
export type LabelMeans = 'each' | 'pair';

/**
 * Thickness of one piece from a label, mm: packs may state the total of the pair.
 * @throws DomainError on a thickness that is not positive
 */
export function pieceThicknessMm(labelMm: number, means: LabelMeans): number {
  if (!(labelMm > 0)) throw new DomainError('a thickness must be more than 0', 'thicknessMm');
  return means === 'pair' ? labelMm / 2 : labelMm;
}
