/** Words at the studio's door: coming in, and what is in the way. */
export const door = {
  passphrase: 'Passphrase',
  show: 'Show it',
  hide: 'Hide it',
  strength: 'How hard it is to guess',
  /** From 0 to 4, as the estimator counts. */
  strengths: [
    'guessed at once',
    'guessed quickly',
    'somewhat hard to guess',
    'hard to guess',
    'very hard to guess',
  ],
  tooShort: (least: number) => `At least ${least} letters.`,
  passphraseHelp:
    'Four or five words that nobody else would put together are easy to remember and hard to guess. There are no other rules.',

  begin: {
    title: 'Begin your studio',
    intro: 'A minute, once. Everything can be changed later under Studio.',
    you: 'You',
    yourName: 'Your name',
    studio: 'The studio',
    studioName: 'How is it called?',
    dates: 'How do you write a day?',
    zone: 'In which time zone do you teach?',
    otherZone: 'Another one',
    zoneFilter: 'Type a place',
    instruments: 'What do you teach? The first one you touch is the most usual.',
    units: 'What do you measure bows and hands with?',
    unitNames: { metric: 'millimetres and grams', inches: 'inches and ounces' },
    done: 'Begin',
    missing:
      'Still missing: your name, the studio’s name, an instrument, or a passphrase of eight letters.',
  },
  noLink: {
    title: 'This studio has not begun yet',
    text: 'Open the link that stands in the window where “npm start” runs. It works once, and only on that computer.',
    used: 'The link works once. If it was used by somebody else, stop “npm start” and run it again: a new link stands there then.',
  },
  signIn: {
    who: 'Who are you?',
    done: 'Come in',
    lost: 'Lost it? On the studio’s computer run: npm run passphrase',
    waits: (n: number) =>
      n === 1
        ? '1 thing waits on this device to be sent. It goes once whoever made it is signed in.'
        : `${n} things wait on this device to be sent. They go once whoever made them is signed in.`,
  },
  renew: {
    title: 'A new passphrase',
    text: 'It takes the place of the old one. Whoever is signed in as you elsewhere has to sign in again.',
    done: 'Use it',
  },
  locked: {
    title: 'The screen is locked',
    as: (name: string) => `Signed in as ${name}`,
    done: 'Unlock',
    other: 'Somebody else',
    away: 'The studio cannot be reached, so this only hides the screen: the studio still knows this device as signed in.',
    awayLocked: 'The studio cannot be reached. The screen opens once it can be asked.',
    lift: 'Show the screen',
  },
  unknown: {
    title: 'This device was not let in yet',
    text: 'On the studio’s computer open Studio, “Let phones in”, and scan the second code that stands there.',
    out: 'This device was put out of the studio',
    outText:
      'What waits on it stays on it, and is sent if it is let in again: scan a new code on the studio’s computer.',
  },
  pair: {
    title: 'Bring this device in',
    name: 'What is this device called?',
    phone: 'Phone',
    tablet: 'Tablet',
    computer: 'Computer',
    done: 'Ask to come in',
    asksTitle: 'Waiting to be let in',
    asksText: 'On the studio’s computer this number stands beside the device’s name:',
    asksHelp: 'If it is the same, touch “Let it in” there. This page goes on by itself.',
  },
  away: {
    title: 'The studio cannot be asked',
    text: 'This device has to reach the studio once before it can open without it.',
  },
};
