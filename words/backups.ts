/** What is said of backups, in the terminal and on the screen. */
export const backupWords = {
  notABackup: 'This is no backup of Open Palm.',
  damaged: (name: string) =>
    `This backup is damaged: ${name} is not what was put into it. Nothing was changed.`,
  cutOff:
    'This backup is not whole: its end is missing, or it is no zip file. Nothing was changed.',
  newer: 'This backup was made by a newer Open Palm. Renew this one first. Nothing was changed.',
  notInManifest: (name: string) =>
    `This backup holds something that it does not speak of (${name}). Nothing was changed.`,
  missingFile: (name: string) => `This backup has lost ${name}. Nothing was changed.`,
  tooLarge: (needed: string, free: string) =>
    `There is not room enough: the backup needs ${needed}, ${free} are free. Nothing was changed.`,
  failed: 'It could not be made. Why stands in the window that the studio was started from.',
  unreadable: 'The studio’s database cannot be read: no backup was kept. Restore the last one.',
  diskFull: 'The disk is full: no backup was kept. What was there before is as it was.',
  readOnly: (folder: string) => `Nothing can be written into ${folder}: no backup was kept.`,
  noStudio: (folder: string) => `There is no studio in ${folder}.`,
  taken: (file: string) => `There is a file called ${file} already: nothing is written over it.`,
  noFile: (file: string) => `There is no file ${file}.`,
  notNamed: 'Which backup? Name the file: npm run restore -- FILE.zip',
  made: (file: string, size: string, looks: number) =>
    `Backed up into ${file}: ${size}, ${looks} looks. It was read back and is whole.`,
  picturesMissing: (count: number) =>
    `${count} pictures had lost their file before; everything else of their looks is in it.`,
  restored: (madeAt: string, looks: number, aside: string | null) =>
    `The studio is as it was on ${madeAt}, with ${looks} looks. ${
      aside === null ? 'There was no studio here before.' : `What was here before lies in ${aside}.`
    }`,
  restoring: 'A backup is being put back. In a minute the studio answers again.',
  notRestored:
    'It could not be put back. Why stands in the window that the studio was started from. Nothing was changed.',
  lookAgain: 'Look at the backup again first: this one was looked at too long ago.',
  finished: 'A restore that was broken off has been brought to its end.',
};
