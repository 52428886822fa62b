import { keptFor } from '#core/kept';
import { presentAsSetupAxle, wheelCode, type AxleName, type Job, type StackPart, type Wheel } from '#core/job';
import { itemName, wheelFromShelf, type ShelfItem } from '#core/shelf';

/** A wheel whose inside is looked at: of a setup, on the car now, or on the shelf. */
export interface Subject {
  /** `a` for a setup's, `present`, `store:` and its name. */
  key: string;
  name: string;
  wheel: Wheel;
  /** What stands behind it; nothing behind a wheel on the shelf. */
  stack: readonly StackPart[];
}

const SETUP = 'setup:';
export const STORE = 'store:';
export const PRESENT = 'present';
export const setupKey = (id: string): string => `${SETUP}${id}`;

/** Every wheel that may be held over a brake, the setups' first. */
export function subjectsOf(job: Job, axle: AxleName, shelf: readonly ShelfItem[]): Subject[] {
  const { flangeMm } = job.vehicle;
  const present = presentAsSetupAxle(job.vehicle, axle);
  return [
    ...job.setups.map((setup): Subject => {
      const candidate = setup[axle] ?? {};
      return {
        key: setupKey(setup.id),
        name: `${setup.id.toUpperCase()} ${wheelCode(candidate, flangeMm)}`,
        wheel: candidate.wheel ?? {},
        stack: candidate.stack ?? [],
      };
    }),
    ...(present
      ? [
          {
            key: PRESENT,
            name: `on the car now ${wheelCode(present, flangeMm)}`,
            wheel: present.wheel ?? {},
            stack: present.stack ?? [],
          },
        ]
      : []),
    ...shelf
      .filter(({ kind }) => kind === 'wheel')
      .map((item): Subject => ({
        key: `${STORE}${itemName(item)}`,
        name: itemName(item),
        wheel: wheelOf(item),
        stack: [],
      })),
  ];
}

/** The same object for the same item, so that what is found of its face is kept. */
const wheelOf = keptFor<ShelfItem, Wheel>(wheelFromShelf);

/** Where a subject's wheel stands in the job; null for one of the shelf. */
export function wheelPath(subject: Subject, axle: AxleName): string[] | null {
  if (subject.key === PRESENT) return ['vehicle', axle, 'baseline', 'wheel'];
  return subject.key.startsWith(SETUP) ? ['setups', subject.key.slice(SETUP.length), axle, 'wheel'] : null;
}

/** The setup a subject belongs to, null for others. */
export const setupOf = (subject: Subject, job: Job) =>
  job.setups.find(({ id }) => subject.key === setupKey(id)) ?? null;
