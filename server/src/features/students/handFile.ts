import type { HandFile } from '@open-palm/contract';
import { mergeContacts } from '@open-palm/core/measure';
import { lastSeenOf, mergeSigns, standingsOf } from '@open-palm/records/lastSeen';
import {
  checkSummaries,
  newestContacts,
  newestFittedHand,
  newestMeasures,
  newestSigns,
  PORTRAIT_CHECKS,
} from '../../lastSeen/repo';
import { latestHolds, logOf, newestRelaxedHand, ownCues } from '../../references/repo';
import type { StudioParts } from '../../studioParts';

/** A student's hand file on one of their instruments, as it stands now. */
export async function handFileOf(
  { reader, deriver }: Pick<StudioParts, 'reader' | 'deriver'>,
  student: HandFile['student'],
  setupId: string,
): Promise<HandFile> {
  const newest = await newestMeasures(reader, 2, setupId);
  const contacts = await newestContacts(reader, PORTRAIT_CHECKS, setupId);
  return {
    workingOut: deriver.waiting().length,
    student,
    setupId,
    ownHolds: (await latestHolds(reader)) as HandFile['ownHolds'],
    relaxedHand: (await newestRelaxedHand(reader, student.id)) ?? null,
    history: await checkSummaries(reader, setupId),
    lastSeen: lastSeenOf(newest),
    standings: standingsOf(newest),
    contacts: mergeContacts(contacts),
    fittedHand: await newestFittedHand(reader, setupId),
    signs: mergeSigns(await newestSigns(reader, PORTRAIT_CHECKS, setupId)),
    log: await logOf(reader, student.id, setupId),
    ownCues: await ownCues(reader),
  };
}
