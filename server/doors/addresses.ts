import { networkInterfaces } from 'node:os';

/** The addresses by which other machines of the network reach this one. */
export const networkAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((all) =>
    (all ?? []).flatMap(({ family, internal, address }) => (family === 'IPv4' && !internal ? [address] : [])),
  );
