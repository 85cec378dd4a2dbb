import { backupWords } from '@open-palm/words/backups';
import type { Adopted } from './adoptEarlier';
import type { OpenedStudio } from './openStudio';

/** What a person should know of a studio that was just opened, line by line. */
export function foundLines({ found, filled, renewed, finishedRestore }: OpenedStudio): string[] {
  const { setAside, missing } = found;
  return [
    ...(finishedRestore ? [backupWords.finished] : []),
    ...(filled > 0 ? [`The demo studio is filled: ${filled} checks.`] : []),
    ...(renewed > 0
      ? [`${renewed} looks are worked out anew, because Open Palm was renewed.`]
      : []),
    ...(setAside
      ? [
          `${setAside.files} files that belong to nothing in this studio were set aside in ${setAside.folder}.`,
        ]
      : []),
    ...(missing > 0 ? [`${missing} pictures have lost their file.`] : []),
  ];
}

/** Where a studio of before went. */
export function adoptionLine(
  { kind, folder, isTaken }: Adopted,
  { home, startedBy }: { home: string; startedBy: string },
): string {
  if (isTaken) {
    return `An earlier studio lies in ${home}. It stays there untouched, because ${folder} has one already; DATA_DIR=${home} ${startedBy} opens it.`;
  }
  return kind === 'demo'
    ? `The demo studio that lay in ${home} is in ${folder} now.`
    : `Your studio that lay in ${home} is in ${folder} now; npm start opens it.`;
}
