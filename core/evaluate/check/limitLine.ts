import type { Limit } from '#core/verdict';

/** Where a limit comes from, in words. */
export const originText = ({ origin }: Limit): string =>
  ({
    house: 'the shop default',
    brief: 'from the brief',
    part: 'its own',
    rub: 'rub accepted by the brief',
    winter: 'for winter traction, SAE J1232 (from memory)',
  })[origin];

/** A limit as a line of working. */
export const limitLine = (limit: Limit, text: string): string => `limit ${text}, ${originText(limit)}`;
