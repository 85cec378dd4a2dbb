import { currentPerson, isOfThisPerson } from '../accessState';
import { noteGone } from '../gone';
import { currentStudio, isOfThisStudio, onOtherStudio } from '../whichStudio';
import { deviceId } from './deviceId';
import { createSyncEngine } from './engine';
import { browserStore } from './entryStore';
import { sendEntry } from './sendEntry';

/** The name that tabs of one browser know each other by, for taking turns and telling of changes. */
const NAME = 'open-palm-sync';

const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(NAME);
let timer: ReturnType<typeof setTimeout> | undefined;

/** What this device holds until the studio has acknowledged it, and the way there. */
export const sync = createSyncEngine({
  store: browserStore(),
  send: sendEntry,
  isHere: ({ studio, author }) => isOfThisStudio(studio) && isOfThisPerson(author),
  studio: currentStudio,
  author: currentPerson,
  device: deviceId(),
  now: () => Date.now(),
  random: () => Math.random(),
  alone: (work) =>
    typeof navigator !== 'undefined' && navigator.locks
      ? navigator.locks.request(NAME, work)
      : work(),
  tell: () => tabs?.postMessage('changed'),
  after(ms, call) {
    clearTimeout(timer);
    timer = setTimeout(call, ms);
  },
  onErased: noteGone,
});

// What waits for the one that answers now is due.
onOtherStudio(() => void sync.hurry().catch(() => undefined));
tabs?.addEventListener('message', () => void sync.refresh());
