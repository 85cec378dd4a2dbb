import type { HandFile } from '@open-palm/contract';
import type { MergedMeasure } from '@open-palm/core/measure';
import { studioNow } from '../../../foundation/api/clock';
import type { CheckDraft } from '../draft/checkDraft';
import { checkBody } from './checkBody';
import { useKeep } from './useKeep';
import type { LookFacts } from './useLookFacts';

/** How a look that is done is kept, with what was told of it. */
export interface Keeping {
  saving: boolean;
  failure: string | null;
  save: (told: readonly MergedMeasure[]) => void;
}

/** Keeps a look that is done. */
export function useKeepLook(
  handFile: HandFile,
  { checkId, state }: CheckDraft,
  { grip, look, setup }: LookFacts,
  onKept: () => Promise<void>,
): Keeping {
  const { saving, failure, keep } = useKeep();
  const { student } = handFile;
  return {
    saving,
    failure,
    save: (told) =>
      keep(
        {
          kind: 'check',
          id: checkId,
          studentName: student.name,
          pictures: state.shots.map(({ picture: { id, blob } }) => ({ id, blob })),
          body: checkBody(handFile, grip, state, look, studioNow(), told),
        },
        `/students/${student.id}?setup=${setup.id}`,
        onKept,
      ),
  };
}
