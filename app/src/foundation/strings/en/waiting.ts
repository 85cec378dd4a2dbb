/** What waits on this device, what stopped on its way, and what was changed in two places. */
export const waitingScreen = {
  title: 'Waiting on this device',
  nothing: 'Nothing waits: everything you made is with the studio.',
  elsewhereTitle: 'Of another studio',
  elsewhere: (n: number) =>
    n === 1
      ? '1 thing on this device was made in another studio that stood at this address. It is safe here, and is sent when that studio answers here again.'
      : `${n} things on this device were made in another studio that stood at this address. They are safe here, and are sent when that studio answers here again.`,
  othersTitle: 'Of somebody else',
  others: (n: number) =>
    n === 1
      ? '1 thing on this device was made by somebody else who was signed in here. It is safe, and is sent when they sign in again.'
      : `${n} things on this device were made by somebody else who was signed in here. They are safe, and are sent when they sign in again.`,
  along: {
    help: 'If the studio’s address has changed: save what waits here, open the studio at its new address, and take the file over there.',
    save: 'Save all that waits',
    take: 'Take over a file',
    none: 'This is no file of what waited on another page.',
    taken: (n: number) =>
      n === 0
        ? 'All of it was here already.'
        : n === 1
          ? '1 thing was taken over.'
          : `${n} things were taken over.`,
  },
  waits: 'On its way',
  waitsHelp: 'It is safe on this device and is sent as soon as the studio answers.',
  sendNow: 'Send now',
  sending: 'Sending …',
  stopped: 'Stopped: needs you',
  conflicts: 'Changed in two places',
  kinds: {
    check: 'A look',
    relaxedHand: 'A hand at rest',
    take: 'A stroke',
    crossing: 'A string crossing',
    log: 'A note of a lesson',
    student: 'What is written down of a student',
    letter: 'Feedback',
    hold: 'A hold of your own',
    group: 'A group',
    walk: 'A walk through the row',
  },
  about: (kind: string, name: string) => (name === '' ? kind : `${kind}: ${name}`),
  madeAt: (when: string) => `Made ${when}.`,
  tried: (times: number) =>
    times === 0
      ? 'Not tried yet.'
      : times === 1
        ? 'Tried once without an answer.'
        : `Tried ${times} times without an answer.`,
  needs: 'Waits for something else that has to arrive first.',
  said: (message: string) => `The studio said: ${message}`,
  picture: (n: number) => `picture ${n}`,
  answer: (n: number) => `answer ${n}`,
  again: 'Send again',
  mend: {
    check: 'Take this look up again',
    student: 'Open and change it',
    letter: 'Open and change it',
    hold: 'Open and change it',
    here: 'Put it right',
  },
  sendMended: 'Send it like this',
  leaveOut: (what: string) => `Send it without: ${what}`,
  dayField: (label: string) => `${label} (year-month-day)`,
  elbowOn: (string: string) => `Elbow on the ${string} string`,
  elbows: {
    dropped: 'dropped',
    level: 'level',
    raised: 'raised',
    '': 'not looked at',
  } as Readonly<Record<string, string>>,
  save: 'Save as a file',
  discard: 'Discard',
  discarded: (what: string) => `${what} was discarded.`,
  undo: 'Take it back',
  contents: 'What it says',
  pictures: (n: number) => (n === 1 ? '1 picture' : `${n} pictures`),
  conflictHelp: 'You changed this here, and it was changed elsewhere too. Choose what counts.',
  mine: 'Here',
  theirs: 'In the studio',
  keep: 'Keep what I chose',
  nothingThere: 'nothing',
  yes: 'yes',
  no: 'no',
  fields: {
    name: 'Name',
    side: 'Bow hand',
    birthYear: 'Year of birth',
    middleFingerMm: 'Middle finger, mm',
    skinTone: 'Skin tone of drawings',
    level: 'Level',
    lesson: 'Weekly lesson',
    day: 'Day of the lesson',
    at: 'Time of the lesson',
    timeZone: 'Time zone',
    photos: 'Photographs',
    bands: 'Comparing with the hold',
    audits: 'Checks their own hold',
    setups: 'Instrument',
    members: 'Players',
    meets: 'Meets',
    layout: 'Seats',
    seat: 'Seat',
    row: 'row',
    place: 'place',
    instrument: 'Instrument',
    bowSize: 'Size of the bow',
    frogLengthMm: 'Length of the frog, mm',
    bowMassG: 'Weight of the bow, g',
    bowBalanceMm: 'Balance of the bow, mm',
    holdId: 'Hold',
    settings: 'Choice of school',
    title: 'Heading',
    opening: 'Opening',
    points: 'Points',
    closing: 'Closing',
    caution: 'Caution',
    captions: 'Lines under the pictures',
    drawing: 'The drawn hand and the lines under it',
    cuts: 'Turns of the bow',
    fingersSeen: 'Thumb and little finger',
    checkpoints: 'Band',
    own: 'Name of the hold',
    words: 'Words',
    word: 'Remark',
    due: 'Due',
    from: 'From',
    off: 'Off again',
    on: 'Day of the change',
    madeAt: 'Day of the note',
    takenAt: 'Day it was taken',
    seenAt: 'Day it was seen',
    seconds: 'Seconds',
    clean: 'Went well, times',
    angleDeg: 'Angle, degrees',
    counts: 'Counts',
    steps: 'Steps',
    breaks: 'Breaks',
    rounds: 'Rounds',
    bpm: 'Beats a minute',
  } as Readonly<Record<string, string>>,
  anotherField: 'Something else',
  setAside: (files: number, folder: string) =>
    `${files === 1 ? '1 file' : `${files} files`} that belong to nothing in this studio were set aside in ${folder} when it was opened. Nothing was deleted.`,
  missingPictures: (n: number) =>
    n === 1
      ? 'The file of 1 picture is missing. What was measured on it is still there.'
      : `The files of ${n} pictures are missing. What was measured on them is still there.`,
  unworkable: (n: number) =>
    n === 1
      ? '1 look could not be worked out. It is kept as it was given.'
      : `${n} looks could not be worked out. They are kept as they were given.`,
  pendingLooks: (n: number) =>
    n === 1 ? '1 look is still worked out.' : `${n} looks are still worked out.`,
  studio: 'The studio itself',
} as const;
