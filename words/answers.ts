/** What the studio says when it cannot do what it was asked for. */
export const answers = {
  notLocal: 'The studio answers on this machine only.',
  foreignPage: 'This did not come from the studio’s own page, so nothing was changed.',
  olderApp:
    'Open Palm was renewed since this page was opened. Load it again: what waits is kept and sent then.',
  edited: 'This was changed elsewhere in the meantime. Choose what counts.',
  noAddress: 'There is nothing at this address.',
  andMore: (count: number) => `And ${count} more.`,
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
  otherFile: 'This is another file than the one that was shown. Look at it again first.',
  fileForm: (type: string) => `A file is sent as ${type}.`,
  fileTooLarge: (mb: number) => `This file is larger than ${mb} MB.`,
  correctionsForm: 'The corrections are not JSON.',
} as const;
