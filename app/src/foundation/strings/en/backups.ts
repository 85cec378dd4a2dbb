const n = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/** Words of the studio's backups. */
export const backups = {
  title: 'Backups',
  none: 'There is no backup yet.',
  noneHelp: 'With this computer everything would be lost.',
  last: (ago: string) => `Last backup: ${ago}`,
  whole: (when: string) => `${when}. Read back when it was made, and whole.`,
  nothingSince: 'Nothing has been added since.',
  since: (parts: string) => `Added since, and in no backup: ${parts}.`,
  looks: (count: number) => n(count, 'look', 'looks'),
  notes: (count: number) => n(count, 'note or take', 'notes and takes'),
  edits: (count: number) => n(count, 'change', 'changes'),
  pictures: (count: number) => n(count, 'picture', 'pictures'),
  make: 'Back up now',
  making: 'Backing up',
  failed: 'The last one could not be made',
  sameDisk: 'On the same disk as the studio',
  sameDiskHelp:
    'What takes this disk takes both. Save a copy on another disk now and then; or have backups made there, by starting Open Palm with BACKUP_DIR set to a folder on it.',
  kept: 'Kept backups',
  folder: (folder: string) => `In ${folder}.`,
  daily:
    'One is made by itself each day on which something is new; the last fourteen stay, and the last of each of twelve months.',
  kinds: { daily: 'by itself', asked: 'asked for' },
  holds: (size: string, parts: string) => `${size} · ${parts}`,
  save: 'Save a copy',
  saveOf: (day: string) => `Save a copy: ${day}`,
  unreadable: (names: string) => `No backup any more, because it cannot be read: ${names}`,
  inside: 'What is in it, and what is not',
  insideHelp:
    'Everything of students, looks, takes, notes and letters, and the photographs: keep it as safe as those. Passphrases and devices belong to this computer and are not in it.',
  back: 'Put one back',
  backHelp:
    'On this computer or another: stop Open Palm, then type npm run restore -- and the name of the file. All of it is checked before anything is changed, and what was there is set aside.',
};
