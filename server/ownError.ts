import { isDeepStrictEqual } from 'node:util';
import { ownErrorsOf } from '#core/calibration';
import { log } from './base/log';
import { shopCalibration } from './fittingErrors';
import { readShopDefaults, setShopDefaults } from './shopDefaults';

/** Lets the ± of predictions follow the shop's own error, or not. */
export async function setOwnErrorFollowed(on: boolean): Promise<void> {
  await setShopDefaults(['ownError'], on ? await shownError() : null);
}

async function shownError() {
  const { families, fittings } = await shopCalibration();
  return ownErrorsOf(families, fittings);
}

/** One look at a time, and one more where something was saved meanwhile. */
let running: Promise<void> | null = null;
let again = false;

/** A fitting was finished, or one that was finished has changed: the ± follow, beside the requests. */
export function followOwnError(): void {
  if (running) {
    again = true;
    return;
  }
  running = followed()
    .catch((error: unknown) => log.warn({ err: error }, "the shop's own error was not looked at"))
    .finally(() => {
      running = null;
      if (!again) return;
      again = false;
      followOwnError();
    });
}

async function followed(): Promise<void> {
  const { ownError } = await readShopDefaults();
  if (!ownError) return;
  const shown = await shownError();
  if (!isDeepStrictEqual(shown, ownError)) await setShopDefaults(['ownError'], shown);
}

/** Everything that was saved has been followed. */
export async function ownErrorFollowed(): Promise<void> {
  while (running) await running;
}
