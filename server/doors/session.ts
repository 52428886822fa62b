import type { IncomingHttpHeaders } from 'node:http';
import type { RequestHandler } from 'express';
import { deviceOf, STAY_MS, type Device } from './devices';

const COOKIE = 'scoval-device';

/** The page where a device is let in, with what it needs. */
export const ENTER = '/enter';

/** What a device carries, from its cookies. */
export function tokenOf({ cookie }: Pick<IncomingHttpHeaders, 'cookie'>): string | null {
  const [, token] = new RegExp(`(?:^|;\\s*)${COOKIE}=([A-Za-z0-9_-]{43})(?:;|$)`).exec(cookie ?? '') ?? [];
  return token ?? null;
}

/** The cookie a device carries from now on: never read by scripts, never sent from another site. */
export const cookieOf = (token: string, secure: boolean): string =>
  `${COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${STAY_MS / 1000}${secure ? '; Secure' : ''}`;

/** Where a page may lead on to: a place of this server and nowhere else. */
export const safePlace = (place: string | null): string => (place && /^\/(?![/\\])[^\\\s]*$/.test(place) ? place : '/');

/**
 * Lets in only devices that were let in before: pages lead to the door, everything else is refused with 401. `passing`
 * is handed the device.
 */
export const sessionDoor =
  (passing: (response: Parameters<RequestHandler>[1], device: Device) => void): RequestHandler =>
  async (request, response, next) => {
    const token = tokenOf(request.headers);
    const device = token === null ? null : await deviceOf(token);
    if (device) {
      passing(response, device);
      return next();
    }
    if (request.path === ENTER || request.path === `${ENTER}.data`) return next();
    if (request.method === 'GET' && request.accepts(['json', 'html']) === 'html' && !request.path.endsWith('.data'))
      return response.redirect(302, `${ENTER}?to=${encodeURIComponent(safePlace(request.originalUrl))}`);
    return void response.status(401).type('text').send('This device is not signed in, or its sign-in has expired.\n');
  };
