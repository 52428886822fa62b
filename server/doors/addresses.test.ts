import type { NetworkInterfaceInfo } from 'node:os';
import { reachableHosts } from './addresses';

const at = (address: string, internal = false): NetworkInterfaceInfo => ({
  address,
  internal,
  cidr: null,
  mac: '00:00:00:00:00:00',
  netmask: '',
  ...(address.includes(':') ? { family: 'IPv6', scopeid: 0 } : { family: 'IPv4' }),
});

// Networks by RFC 1918, 3927, 4291 and 5737.
const MACHINE = {
  lo: [at('127.0.0.1', true), at('::1', true)],
  docker0: [at('172.17.0.1')],
  wg0: [at('10.9.0.2')],
  eth1: [at('203.0.113.9')],
  eth2: [at('169.254.7.7'), at('fe80::1')],
  wlan0: [at('192.168.7.20'), at('2001:db8::20')],
};

test('the network of the shop comes first, those within the machine last; none that a phone cannot reach', () => {
  expect(reachableHosts('0.0.0.0', MACHINE)).toEqual(['192.168.7.20', '203.0.113.9', '172.17.0.1', '10.9.0.2']);
  expect(reachableHosts('::', MACHINE)).toEqual([
    '192.168.7.20',
    '203.0.113.9',
    '[2001:db8::20]',
    '172.17.0.1',
    '10.9.0.2',
  ]);
});

test('a host that it was told to listen on is the only one', () => {
  expect(reachableHosts('192.168.7.20', MACHINE)).toEqual(['192.168.7.20']);
  expect(reachableHosts('2001:db8::20', MACHINE)).toEqual(['[2001:db8::20]']);
  expect(reachableHosts('fit.shop.lan', MACHINE)).toEqual(['fit.shop.lan']);
});

test('a machine without a network has none', () => expect(reachableHosts('0.0.0.0', { lo: MACHINE.lo })).toEqual([]));
