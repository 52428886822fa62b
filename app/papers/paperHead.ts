import type { Job } from '#core/job';

/** What stands under the title of a paper, in one line: the shop's name, the job, the car and the setup. */
export const paperHead = ({ house, vehicle }: Job, number: string, setup: string): string =>
  [house?.shop?.name, number, vehicle.label, setup].filter(Boolean).join(' · ').slice(0, 110);

/** Who a paper is from: the shop with what reaches it; null where it does not say. */
export const paperFrom = ({ house }: Job): string | null =>
  [house?.shop?.name, house?.shop?.contact].filter(Boolean).join(' · ') || null;
