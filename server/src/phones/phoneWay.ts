import type { RequestListener } from 'node:http';
import type { Knex } from 'knex';
import { answers } from '@open-palm/words/answers';
import { readMachineFact, writeMachineFact } from '../access/repo';
import { Problem } from '../problem';
import type { Listener } from '../access/listener';
import { answerToName } from './answerToName';
import { openPhoneDoor, type PhoneDoor, type PhoneDoorParts } from './phoneDoor';

/** How phones come in, if they do: the owner opens and closes it, and it stays so. */
export interface PhoneWay {
  /** Null while it is closed. */
  door(): PhoneDoor | null;
  open(): Promise<void>;
  /** Opens it again where it was open when the studio was last served. */
  openAgain(): Promise<void>;
  close(): Promise<void>;
  /** Stops answering; at the next start it is as it was. */
  stop(): Promise<void>;
}

/** For studios without passphrases: there is no way in but this machine. */
export const NO_PHONES: PhoneWay = {
  door: () => null,
  open: () => Promise.reject(new Problem(409, 'noPhones', answers.noPhones, '')),
  openAgain: () => Promise.resolve(),
  close: () => Promise.resolve(),
  stop: () => Promise.resolve(),
};

const FACT = 'phones';

/** @param answer makes what answers at a listener */
export function createPhoneWay({
  access,
  answer,
  ...parts
}: Omit<PhoneDoorParts, 'title'> & {
  access: Knex;
  title: () => string;
  answer: (listener: Listener) => RequestListener;
}): PhoneWay {
  let door: PhoneDoor | null = null;
  let names: { stop: () => void } | null = null;
  const remember = (value: 'on' | 'off') => writeMachineFact(access, FACT, value);
  const way: PhoneWay = {
    door: () => door,
    async open() {
      if (door) return;
      const opened = await openPhoneDoor({ ...parts, title: parts.title() });
      try {
        await opened.serve(answer(opened.listener));
      } catch (error) {
        await opened.close();
        if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
        throw new Problem(409, 'portTaken', answers.portTaken(parts.port), '');
      }
      door = opened;
      // One address of this machine alone is nobody's to ask for by name.
      if (parts.host === '0.0.0.0') names = answerToName(parts.name, parts.addresses);
      await remember('on');
    },
    async openAgain() {
      if ((await readMachineFact(access, FACT)) === 'on') await way.open();
    },
    async close() {
      await way.stop();
      await remember('off');
    },
    async stop() {
      const open = door;
      door = null;
      names?.stop();
      names = null;
      await open?.close();
    },
  };
  return way;
}
