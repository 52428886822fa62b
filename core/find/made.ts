import { keptFor } from '#core/kept';
import type { AxleName, Setup, SetupAxle } from '#core/job';
import { fastenerFromShelf, pieceFromShelf, tireFromShelf, wheelFromShelf, type ShelfItem } from '#core/shelf';
import type { FindAsk, FindAxle } from './records';

/** What is put together; what is left out is not on the car. */
export interface Mix {
  wheel?: ShelfItem | undefined;
  tire?: ShelfItem | undefined;
  piece?: ShelfItem | null | undefined;
  ring?: ShelfItem | null | undefined;
  fastener?: ShelfItem | null | undefined;
}

export const axlesOf = (axle: FindAxle): readonly AxleName[] => (axle === 'both' ? ['front', 'rear'] : [axle]);

// An item as a setup carries it, made once: what is worked out of one object is kept with it.
const wheelOf = keptFor(wheelFromShelf);
const tireOf = keptFor(tireFromShelf);
const pieceOf = keptFor(pieceFromShelf);
const fastenerOf = keptFor(fastenerFromShelf);

/** The setup with what is put together on the axles that are looked for; what was fitted there goes off. */
export function setupWith({ setup, axle }: Pick<FindAsk, 'setup' | 'axle'>, mix: Mix): Setup {
  const own: SetupAxle = {
    ...(mix.wheel ? { wheel: wheelOf(mix.wheel) } : {}),
    ...(mix.tire ? { tire: tireOf(mix.tire) } : {}),
    stack: [mix.piece, mix.ring].flatMap((item) => (item ? [pieceOf(item)] : [])),
    ...(mix.fastener ? { fastener: fastenerOf(mix.fastener) } : {}),
  };
  const made: Setup = { ...setup };
  for (const one of axlesOf(axle)) {
    const dualSpacerMm = setup[one]?.dualSpacerMm;
    made[one] = dualSpacerMm == null ? own : { ...own, dualSpacerMm };
  }
  return made;
}
