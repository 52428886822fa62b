import type { Fastening } from '#core/fastener';
import type { SetupAxle } from '#core/job';
import { carCheck } from '../check';
import type { CarCase } from './case';

/** Lengths that differ by less are one length, mm. */
const SAME_MM = 0.5;

/** Bolts of two lengths on this car: a long one where a short one belongs bottoms, a short one does not hold. */
export const boltLengths = carCheck({
  label: 'Front and rear bolts',
  group: 'car',
  kind: 'match',
  unit: 'mm',
  says: {
    limit: () => 'do not mix them',
    margin: ({ verdict }) => (verdict === 'caution' ? 'two lengths on this car' : null),
  },
  judge({ setup, axles: { front, rear }, words }: Pick<CarCase, 'setup' | 'axles' | 'words'>) {
    const [one, other] = [boltMm(front.fastening, setup.front), boltMm(rear.fastening, setup.rear)];
    if (one === null || other === null || Math.abs(one - other) < SAME_MM) return null;
    return {
      value: Math.abs(one - other),
      limit: null,
      margin: null,
      verdict: 'caution',
      lines: () => [`front ${words.length(one)}, rear ${words.length(other)}: mark them, they must not be mixed`],
    };
  },
});

/** The length of an axle's bolts, mm: those that come with the setup, else what is required; null for studs. */
function boltMm({ joints, requiredLengthMm }: Fastening, fitted: SetupAxle | undefined): number | null {
  if (joints[0]!.kind !== 'bolt') return null;
  return fitted?.fastener?.lengthMm ?? requiredLengthMm ?? null;
}
