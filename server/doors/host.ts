import type { RequestHandler } from 'express';
import { isLoopback } from '../base/settings';

const LOOPBACK_NAMES = new Set(['localhost', '127.0.0.1', '[::1]']);

/** An address without the clothes of an IPv4 one within IPv6. */
const plain = (address: string): string => address.replace(/^::ffff:(?=\d+\.)/, '');

/** A host as it stands in an address bar. */
const written = (address: string): string => (address.includes(':') ? `[${address}]` : address);

/** A Host header in its name and its port; null where it is none. */
function partsOf(host: string): { name: string; port: string } | null {
  const [, name, port = ''] = /^(\[[0-9a-f:.]+\]|[a-z0-9.-]+)(?::(\d{1,5}))?$/.exec(host.toLowerCase()) ?? [];
  return name ? { name, port } : null;
}

/** Whether a host is the address that the call came in by, or a name the shop has given it. */
export function isOwnHost(
  host: string | undefined,
  at: { localAddress?: string | undefined; localPort?: number | undefined },
  names: readonly string[],
): boolean {
  const parts = host === undefined ? null : partsOf(host);
  if (!parts) return false;
  // Behind another server its own name stands with that one's port.
  if (names.includes(parts.name)) return true;
  const address = plain(at.localAddress ?? '');
  const port = parts.port === '' ? [80, 443] : [Number(parts.port)];
  if (at.localPort === undefined || !port.includes(at.localPort)) return false;
  return parts.name === written(address) || (isLoopback(address) && LOOPBACK_NAMES.has(parts.name));
}

/** Answers only to the addresses it listens on, so that no other site's name can be pointed at it: else 421. */
export const hostDoor =
  (names: readonly string[]): RequestHandler =>
  (request, response, next) => {
    if (isOwnHost(request.headers.host, request.socket, names)) next();
    else response.status(421).type('text').send('Scoval does not answer to this address.\n');
  };
