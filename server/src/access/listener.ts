/** A port that the studio answers on, and what it is. What is local is decided by it and never by an address that is told. */
export interface Listener {
  /** This machine's own; one that phones in the house reach; one behind a proxy of the teacher's. */
  kind: 'machine' | 'network' | 'proxy';
  /** Whether a request's name is one of the studio's: a page that points its own name at this machine is refused. */
  isOurs(hostname: string): boolean;
}

const LOCAL_NAMES = new Set(['localhost', '127.0.0.1', '[::1]']);

export const MACHINE: Listener = {
  kind: 'machine',
  isOurs: (hostname) => LOCAL_NAMES.has(hostname),
};
