/** What the studio says when it cannot do what it was asked for. */
export const answers = {
  notLocal: 'The studio does not answer to this name.',
  notBegun:
    'Nobody has begun this studio yet: open the link that "npm start" wrote into its window.',
  unknownDevice: 'This device was not let into the studio yet.',
  deviceOut: 'This device was put out of the studio. What waits on it stays on it.',
  deviceAsks: 'This device waits to be let in.',
  locked: 'The screen is locked.',
  signedOut: 'Nobody is signed in on this device.',
  ownerOnly: 'Only the studio’s owner can do this.',
  otherAuthor: 'Somebody else made this: it is sent when they are signed in here again.',
  alreadyBegun: 'This studio has been begun already: sign in.',
  codeUsed: 'This code does not hold: it was used already, or it is of another studio.',
  codeLate: 'This code is too old. Ask for a new one.',
  wrongPassphrase: 'This is not the passphrase.',
  tooSoon: (seconds: number) =>
    seconds < 60
      ? `Too many tries: wait ${seconds} seconds.`
      : `Too many tries: wait ${Math.ceil(seconds / 60)} minutes.`,
  noPhones: 'Phones are not let in yet: let them in first.',
  portTaken: (port: number) =>
    `Port ${port} of this machine is taken by another program, so phones cannot come in by it.`,
  lastOwner: 'Somebody must stay who can let others in.',
  otherStudio: 'This was made for another studio than the one that answers here.',
  foreignPage: 'This did not come from the studio’s own page, so nothing was changed.',
  olderApp:
    'Open Palm was renewed since this page was opened. Load it again: what waits is kept and sent then.',
  edited: 'This was changed elsewhere in the meantime. Choose what counts.',
  noAddress: 'There is nothing at this address.',
  andMore: (count: number) => `And ${count} more.`,
  full: 'The disk of the studio is full. Nothing was changed.',
  readOnly: 'The studio cannot write on its disk. Nothing was changed.',
  noConsent:
    'This student is not photographed: the guardian does not let it. The same look can be taken by touch.',
  internal: 'Something went wrong on the server. Nothing was changed.',
  packed: 'The body is packed in a way that cannot be unpacked.',
  tooLarge: 'This is larger than what is taken here.',
  addressForm: 'The address is written in a way that says nothing.',
  bodyForm: 'The body is written in a way that is not read here.',
  notJson: 'The body is not JSON, or it broke off.',
  notFound: (what: string) => `There is no ${what} with this id.`,
  idTaken: (what: string) => `This id already belongs to another ${what}.`,
  twoIds: 'The address and the entry name two ids.',
  otherId: 'The id is not that of the address.',
  otherEdit: 'This edit is already of something else.',
  editId: 'An edit has a UUID of version 7.',
  editBase: 'An edit says which version it is based on.',
  notAPicture: 'This file is not a JPEG, PNG or WebP picture, whatever its name says.',
  damagedPicture:
    'This picture is damaged or broke off on its way. Nothing was kept; please choose it again.',
  missingPicture: 'The file of this picture is missing. The device that took it can send it again.',
  pictureTaken: 'This picture is already one of another check.',
  pictureTooLarge: (mb: number) =>
    `This picture is larger than ${mb} MB. A smaller one is enough to measure.`,
  tooManyPixels: (megapixels: number, most: number) =>
    `This picture has ${megapixels} megapixels, more than the ${most} that are unpacked here. A smaller one is enough to measure.`,
  instrumentsTaken: 'One of these instruments already belongs to another student.',
  instrumentTaken: (name: string) => `An instrument of ${name} is taken.`,
  holdOfOther: 'This hold belongs to another instrument.',
  cancelled: 'The import was cancelled. Nothing was changed.',
  otherFile: 'This is another file than the one that was shown. Look at it again first.',
  fileForm: (type: string) => `A file is sent as ${type}.`,
  fileTooLarge: (mb: number) => `This file is larger than ${mb} MB.`,
  correctionsForm: 'The corrections are not JSON.',
} as const;
