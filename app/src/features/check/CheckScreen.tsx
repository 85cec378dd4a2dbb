import { useState } from 'react';
import { ActivityIndicator } from 'react-native-paper';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import { drafts } from '../../foundation/api/drafts';
import { useHandFile } from '../../foundation/api/queries';
import { sync } from '../../foundation/api/sync';
import { findHold } from '@open-palm/records/holds';
import { Loaded } from '../../foundation/kit/Loaded';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { Check } from './Check';
import type { CheckDraft } from './draft/checkDraft';
import { draftOfEntry } from './draft/draftOfEntry';
import { newDraft } from './draft/newDraft';
import { useFoundDraft } from './draft/useFoundDraft';

/** A look at a student's hold: pictures with their points, answers by tap, and the result. */
export function CheckScreen({
  studentId,
  setupId,
  from,
}: {
  studentId: string;
  setupId?: string;
  /** A look that stopped on its way and is taken up again. */
  from?: string;
}) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>
      {(data) => <Begun key={data.setupId} handFile={data} from={from} />}
    </Loaded>
  );
}

/** Looks for an unfinished look of this student on this instrument. */
function Begun({ handFile, from }: { handFile: HandFile; from: string | undefined }) {
  const found = useFoundDraft(handFile.student.id, handFile.setupId);
  const [again] = useState(() => takenUpAgain(handFile, from));
  if (found === undefined) {
    return (
      <View style={{ padding: space(10) }}>
        <ActivityIndicator accessibilityLabel={strings.loading.busy} />
      </View>
    );
  }
  // A page that was left between keeping a look and forgetting its draft has both: the look is what counts.
  const unfinished = found && !isKept(found.checkId, handFile) ? found : null;
  // What is unfinished comes first: neither of the two may be lost.
  return <FromDraft handFile={handFile} found={unfinished ?? again} />;
}

/** Whether a look is with the studio, or safe on its way there. */
const isKept = (checkId: string, { history }: HandFile): boolean =>
  history.some(({ id }) => id === checkId) ||
  [...sync.contents(), ...sync.arrived()].some(
    ({ kind, id }) => kind === 'check' && id === checkId,
  );

/** A stopped look as a look under way; null where there is none. It stays where it waits until a person discards it. */
function takenUpAgain(handFile: HandFile, from: string | undefined): CheckDraft | null {
  const entry = sync
    .contents()
    .find(({ kind, id, stop }) => kind === 'check' && id === from && stop);
  if (entry?.kind !== 'check') return null;
  const setup = handFile.student.setups.find(({ id }) => id === handFile.setupId)!;
  const hold = findHold(setup.holdId, handFile.ownHolds);
  return draftOfEntry(entry, hold, (blob) => URL.createObjectURL(blob));
}

/** Goes on with what was found, or begins anew; the hand file may be loaded again meanwhile. */
function FromDraft({ handFile, found }: { handFile: HandFile; found: CheckDraft | null }) {
  const [begun, setBegun] = useState(() => ({
    draft: found ?? newDraft(handFile),
    isRestored: found !== null,
  }));
  const { student, setupId } = handFile;
  return (
    <Check
      key={begun.draft.checkId}
      handFile={handFile}
      initial={begun.draft}
      isRestored={begun.isRestored}
      onAnew={() => {
        void drafts.drop({ studentId: student.id, setupId });
        setBegun({ draft: newDraft(handFile), isRestored: false });
      }}
    />
  );
}
