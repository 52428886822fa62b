import QRCode from 'qrcode';
import { isLoopback } from '../base/settings';
import { reachableHosts } from './addresses';
import { CODE_MS, newCode } from './joining';
import { ENTER } from './session';

/** An address that lets a device in, and the modules of its QR code as a path. */
export interface WayIn {
  /** By which host it is reached. */
  host: string;
  address: string;
  size: number;
  path: string;
}

/** One way in, by every host that another device may reach: whichever is used, it is used up. */
export interface WaysIn {
  ways: WayIn[];
  /** How long it stays open, ms. */
  openMs: number;
}

/** How the server is reached by whoever asks. */
interface Reached {
  secure: boolean;
  port: number;
  /** What it listens on. */
  host: string;
}

/** No more hosts than this are offered. */
const MOST_HOSTS = 6;
/** The quiet zone around a QR code, modules (ISO/IEC 18004 asks for four). */
const QUIET = 4;

/** Where this screen reached the server, if another device can reach it there too. */
function hereOf(request: Request): string | null {
  const { origin, hostname } = new URL(request.headers.get('Origin') ?? request.url);
  return isLoopback(hostname.replace(/^\[|\]$/g, '')) ? null : origin;
}

/** A way in for one device, to a place; null where no address of this machine can be reached by another one. */
export function waysIn(request: Request, reached: Reached, to: string | null): WaysIn | null {
  const here = hereOf(request);
  // Behind another server its name alone is reached.
  const own = isLoopback(reached.host)
    ? []
    : reachableHosts(reached.host).map((host) => originOf({ ...reached, host }));
  const origins = [...new Set([...(here ? [here] : []), ...own])].slice(0, MOST_HOSTS);
  if (origins.length === 0) return null;
  const query = new URLSearchParams({ code: newCode(), ...(to === null ? {} : { to }) });
  return { openMs: CODE_MS, ways: origins.map((origin) => wayIn(origin, query)) };
}

const originOf = ({ secure, host, port }: Reached): string =>
  new URL(`${secure ? 'https' : 'http'}://${host}:${port}`).origin;

function wayIn(origin: string, query: URLSearchParams): WayIn {
  const address = `${origin}${ENTER}?${query}`;
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const path = Array.from({ length: modules.size ** 2 }, (_, at) => at)
    .filter((at) => modules.data[at])
    .map((at) => `M${(at % modules.size) + QUIET} ${Math.floor(at / modules.size) + QUIET}h1v1h-1z`)
    .join('');
  return { host: new URL(origin).host, address, size: modules.size + 2 * QUIET, path };
}
