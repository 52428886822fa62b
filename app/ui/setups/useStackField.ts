import type { AxleName, Setup, StackPart } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { RANGES } from '#formats/fields';
import { useDocument } from '../../job/DocumentContext';
import type { FieldOver } from '../parts/useFieldOver';

/**
 * The thickness of a candidate's stack as one figure; a stack of several pieces is shown, and changed piece by piece
 * elsewhere.
 */
export function useStackField(setup: Setup, axle: AxleName) {
  const { edit } = useDocument();
  const stack = setup[axle]?.stack ?? [];
  const path = ['setups', setup.id, axle, 'stack'];
  const thickness = stackThicknessMm(stack);
  const put = (mm: number | null) => {
    const [piece] = stack;
    const pieces: StackPart[] = mm === null || mm === 0 ? [] : [{ ...(piece ?? { kind: 'slip-on' }), thicknessMm: mm }];
    edit({ op: 'set', path, value: pieces });
  };
  const field: FieldOver<number> = { name: path.join('/'), value: stack.length === 0 ? 0 : thickness, commit: put };
  return {
    field,
    single: stack.length <= 1,
    /** Thickens or thins the stack; it never gets thinner than nothing. */
    nudge(mm: number) {
      if (stack.length > 1 || thickness === null) return;
      const [least, most] = RANGES.stackMm;
      put(Math.min(most, Math.max(least, thickness + mm)));
    },
  };
}
