import { networkInterfaces, type NetworkInterfaceInfo } from 'node:os';
import { isIPv6 } from 'node:net';

type Interfaces = Readonly<Record<string, readonly NetworkInterfaceInfo[] | undefined>>;

/** Listens on every address of the machine. */
const ANY = ['0.0.0.0', '::'];
/** Interfaces by which a machine talks to machines within itself, or to another network far off. */
const WITHIN = /^(docker|br-|veth|virbr|vmnet|vbox|lxc|podman|cni|tun|tap|wg|utun|zt)/i;
/** Networks of a house or a shop (RFC 1918). */
const OF_A_SHOP = /^(192\.168|10|172\.(1[6-9]|2\d|3[01]))\./;
/** What a machine gives itself where nobody gave it an address (RFC 3927, RFC 4291). */
const OF_ITS_OWN = /^(169\.254\.|fe80:)/i;

/** How likely another device of the shop reaches an address: the least is the likeliest. */
const rankOf = (name: string, { address, family }: NetworkInterfaceInfo): number =>
  (WITHIN.test(name) ? 8 : 0) + (family === 'IPv4' ? 0 : 4) + (OF_A_SHOP.test(address) ? 0 : 1);

/**
 * The hosts by which other devices may reach a server that listens on one, as they stand in an address bar, the
 * likeliest first.
 */
export function reachableHosts(host: string, interfaces: Interfaces = networkInterfaces()): string[] {
  if (!ANY.includes(host)) return [written(host)];
  const found = Object.entries(interfaces).flatMap(([name, all = []]) =>
    all
      .filter(({ internal, address }) => !internal && !OF_ITS_OWN.test(address))
      .filter(({ family }) => family === 'IPv4' || host === '::')
      .map((one) => ({ address: one.address, rank: rankOf(name, one) })),
  );
  return found.sort((one, other) => one.rank - other.rank).map(({ address }) => written(address));
}

/** An address as it stands in an address bar. */
const written = (address: string): string => (isIPv6(address) ? `[${address}]` : address);
