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

/** Goes on with an unfinished look of this student on this instrument, or begins one. */
function Begun({ handFile }: { handFile: HandFile }) {
  const { student, setupId } = handFile;
  const found = useFoundDraft(student.id, setupId);
  const [anew, setAnew] = useState<CheckDraft | null>(null);
  if (found === undefined) {
    return (
      <View style={{ padding: space(10) }}>
        <ActivityIndicator accessibilityLabel={strings.loading.busy} />
      </View>
    );
  }
  const draft = anew ?? found ?? newDraft(handFile);
  return (
    <Check
      key={draft.checkId}
      handFile={handFile}
      initial={draft}
      isRestored={anew === null && found !== null}
      onAnew={() => {
        void drafts.drop({ studentId: student.id, setupId });
        setAnew(newDraft(handFile));
      }}
    />
  );
}
