import { useState } from 'react';
import { ActivityIndicator } from 'react-native-paper';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import { drafts } from '../../api/drafts';
import { useHandFile } from '../../api/queries';
import { Loaded } from '../../kit/Loaded';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';
import { Check } from './Check';
import type { CheckDraft } from './draft/checkDraft';
import { newDraft } from './draft/newDraft';
import { useFoundDraft } from './draft/useFoundDraft';

/** A look at a student's hold: pictures with their points, answers by tap, and the result. */
export function CheckScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return <Loaded from={handFile}>{(data) => <Begun key={data.setupId} handFile={data} />}</Loaded>;
}

/** Looks for an unfinished look of this student on this instrument. */
function Begun({ handFile }: { handFile: HandFile }) {
  const found = useFoundDraft(handFile.student.id, handFile.setupId);
  if (found === undefined) {
    return (
      <View style={{ padding: space(10) }}>
        <ActivityIndicator accessibilityLabel={strings.loading.busy} />
      </View>
    );
  }
  return <FromDraft handFile={handFile} found={found} />;
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
