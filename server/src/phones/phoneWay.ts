import type { RequestListener } from 'node:http';
import type { Knex } from 'knex';
import { answers } from '@open-palm/words/answers';
import { Problem } from '../problem';
import type { Listener } from '../access/listener';
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
  const remember = (value: 'on' | 'off') =>
    access('facts').insert({ name: FACT, value }).onConflict('name').merge();
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
      await remember('on');
    },
    async openAgain() {
      const kept = await access('facts').where({ name: FACT }).first<{ value: string }>('value');
      if (kept?.value === 'on') await way.open();
    },
    async close() {
      await way.stop();
      await remember('off');
    },
    async stop() {
      const open = door;
      door = null;
      await open?.close();
    },
  };
  return way;
}
