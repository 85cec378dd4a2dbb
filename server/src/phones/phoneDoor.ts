import type { RequestListener, Server } from 'node:http';
import { createServer, type Server as SecureServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import type { Phones } from '@open-palm/contract';
import type { Listener } from '../access/listener';
import { withLimits } from '../limits';
import { derOf, fingerprintOf, holdsUntil } from './authority';
import { keepAuthority } from './keptAuthority';
import { openTrustPage } from './trustPage';

export interface PhoneDoorParts {
  /** Where the authority lies. */
  folder: string;
  /** How the studio is called, for the list of certificates on a phone. */
  title: string;
  /** The name in the network, as "desk.local". */
  name: string;
  /** Where it listens: every network of this machine, or one address. */
  host: string;
  port: number;
  trustPort: number;
  /** This machine's addresses, asked again and again: a network may give it another. */
  addresses: () => string[];
  now: () => Date;
  /** Told when the addresses have changed. */
  onMoved: (origins: readonly string[]) => void;
}

/** The way in for phones: HTTPS in the network of the house, under a certificate of the studio's own. */
export interface PhoneDoor {
  listener: Listener;
  standing(): Phones;
  /** Opens the page that hands the certificate out, for ten minutes. */
  openTrustPage(): Promise<Phones>;
  /** Begins to answer. */
  serve(answer: RequestListener): Promise<void>;
  /** Looks whether addresses or days have changed, and makes the certificate anew where they have. */
  lookAgain(): Promise<void>;
  close(): Promise<void>;
}

/** How often addresses are looked at. */
const LOOK_MS = 20_000;
export const TRUST_MS = 10 * 60_000;

/** Prepares the way in; it answers once it is given what answers. */
export async function openPhoneDoor(parts: PhoneDoorParts): Promise<PhoneDoor> {
  const { folder, title, name, host, now } = parts;
  const kept = await keepAuthority(folder, title, name, now());
  const fingerprint = await fingerprintOf(kept.authority.certificate);
  let addresses = parts.addresses();
  let leaf = await kept.leafFor(name, addresses, now());
  let port = parts.port;
  let server: SecureServer | undefined;
  let trust: { server: Server; until: Date; timer: NodeJS.Timeout; url: string } | undefined;
  let wasReached = false;

  const originsNow = (): string[] => [name, ...addresses].map((at) => `https://${at}:${port}`);
  const tlsOf = () => ({
    key: leaf.key,
    cert: leaf.certificate + '\n' + kept.authority.certificate,
  });

  function closeTrust(): void {
    if (!trust) return;
    clearTimeout(trust.timer);
    trust.server.closeAllConnections();
    trust.server.close();
    trust = undefined;
  }

  const standing = (): Phones => ({
    origins: originsNow(),
    trustUrl: trust?.url ?? null,
    trustUntil: trust?.until.toISOString() ?? null,
    wasReached,
    fingerprint,
    certificateUntil: holdsUntil(leaf.certificate).toISOString(),
  });

  const timer = setInterval(() => void door.lookAgain().catch(() => undefined), LOOK_MS);
  timer.unref();

  const door: PhoneDoor = {
    listener: {
      kind: 'network',
      isOurs: (hostname) => hostname === name || addresses.includes(hostname),
    },
    standing,
    async openTrustPage() {
      closeTrust();
      wasReached = false;
      const until = new Date(now().getTime() + TRUST_MS);
      const at = addresses[0] ?? name;
      const page = await openTrustPage({
        host,
        port: parts.trustPort,
        certificate: derOf(kept.authority.certificate),
        title,
        fingerprint,
        next: originsNow()[0]!,
      });
      const url = `http://${at}:${(page.address() as AddressInfo).port}`;
      trust = { server: page, until, url, timer: setTimeout(closeTrust, TRUST_MS) };
      trust.timer.unref();
      return standing();
    },
    async serve(answer) {
      server = createServer({ ...tlsOf(), minVersion: 'TLSv1.2' }, (request, response) => {
        wasReached = true;
        answer(request, response);
      });
      withLimits(server);
      await new Promise<void>((resolve, reject) => {
        server!.once('error', reject);
        server!.listen(port, host, resolve);
      });
      port = (server.address() as AddressInfo).port;
    },
    async lookAgain() {
      const found = parts.addresses();
      const fresh = await kept.leafFor(name, found, now());
      const hasMoved = JSON.stringify(found) !== JSON.stringify(addresses);
      addresses = found;
      if (fresh.certificate !== leaf.certificate) {
        leaf = fresh;
        server?.setSecureContext(tlsOf());
      }
      if (hasMoved) parts.onMoved(originsNow());
    },
    async close() {
      clearInterval(timer);
      closeTrust();
      server?.closeAllConnections();
      await new Promise((resolve) => (server ? server.close(resolve) : resolve(undefined)));
    },
  };
  return door;
}

export const authorityFolder = (dataDir: string): string => join(dataDir, 'authority');
