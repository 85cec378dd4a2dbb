import makeMdns, { type MulticastDNS } from 'multicast-dns';

/** How long a phone may believe an address, s. */
const TTL_S = 120;
/** An address, or whatever there is (RFC 1035 section 3.2.3). */
const WANTED: ReadonlySet<string> = new Set(['A', 'ANY']);

/**
 * Answers in the network of the house when a phone asks for the studio by its name (multicast DNS, RFC 6762), for systems that do not do so
 * themselves. Where that is not possible, the name is asked for in vain, and the number stands beside it.
 *
 * @param addresses of this machine, asked each time
 * @param mdns the network; its own unless a test hands in another
 */
export function answerToName(
  name: string,
  addresses: () => readonly string[],
  mdns: Pick<MulticastDNS, 'on' | 'respond' | 'destroy'> = makeMdns(),
): { stop: () => void } {
  // A machine without multicast has nobody to answer.
  mdns.on('error', () => undefined);
  mdns.on('query', ({ questions }) => {
    const isAsked = questions.some(
      ({ name: asked, type }) => asked.toLowerCase() === name && WANTED.has(type),
    );
    if (!isAsked) return;
    mdns.respond(
      addresses().map((data) => ({ name, type: 'A' as const, ttl: TTL_S, flush: true, data })),
    );
  });
  return { stop: () => mdns.destroy() };
}
