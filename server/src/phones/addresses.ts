import { hostname, networkInterfaces } from 'node:os';
import { isPrivate } from './authority';

/** What this machine is called in the network of the house. */
export const localName = (): string =>
  `${
    hostname()
      .toLowerCase()
      .split('.')[0]!
      .replace(/[^a-z0-9-]/g, '') || 'open-palm'
  }.local`;

/** This machine's addresses in networks of a house, in a steady order. */
export const privateAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((several) => several ?? [])
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && isPrivate(address))
    .map(({ address }) => address)
    .sort();
