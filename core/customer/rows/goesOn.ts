import type { SetupAxle } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { rimFigure } from '#core/units';
import { perAxle } from '../perAxle';
import type { PlainCase } from '../plainCase';
import { linesByAxle, type CustomerRow } from './row';

/** The parts that go on an axle, by what a layman knows them by. */
function partsOf({ wheel, tire, stack = [] }: SetupAxle, { words }: PlainCase): string {
  const { rimDiameterIn, rimWidthIn } = wheel ?? {};
  const hasWheel = rimDiameterIn != null && rimWidthIn != null;
  const thickness = stackThicknessMm(stack);
  const isAdapted = stack.some(({ kind }) => kind === 'bolt-on');
  return [
    hasWheel ? `wheels ${rimFigure(rimDiameterIn)} × ${rimFigure(rimWidthIn)} in` : null,
    tire?.size ? `tires ${[tire.label, tire.size].filter(Boolean).join(' ')}` : null,
    thickness ? `${words.length(thickness)} ${isAdapted ? 'adapters' : 'spacers'}` : null,
    stack.some(({ kind }) => kind === 'ring') ? 'hub rings' : null,
  ]
    .filter(Boolean)
    .join(', ');
}

export const goesOn: CustomerRow = {
  heading: 'What goes on',
  lines: (one) => perAxle(linesByAxle((axle) => [partsOf(one.setup[axle] ?? {}, one)].filter(Boolean))),
};
