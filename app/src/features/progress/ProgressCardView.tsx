import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { useHistory } from '../../foundation/api/queries';
import { Button } from '../../foundation/kit/Button';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { progressWords } from '../../foundation/strings/progress';
import { followHistory } from './followed';
import { ProgressOverview } from './ProgressOverview';
import { UntoldLooks } from './UntoldLooks';

export interface ProgressCardProps {
  handFile: HandFile;
  log: LessonLog;
  now: Date;
}

/** The weeks in the hand file: the four families at a glance, and the way to all the rest. */
export function ProgressCardView({ handFile: { student, setupId }, log, now }: ProgressCardProps) {
  const { data, error, retry } = useHistory(student.id, setupId);
  const followed = useMemo(
    () => data && followHistory(data, log.entries, student),
    [data, log.entries, student],
  );
  const open = (family?: string) =>
    router.navigate(
      `/students/${student.id}/weeks?setup=${setupId}${family === undefined ? '' : `&family=${family}`}`,
    );
  if (error && !data) {
    // What stands now is known without them, and that is what the hand file is for.
    return (
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <Text variant="small" second style={{ flex: 1 }}>
          {progressWords.failed}
        </Text>
        <Button label={strings.loading.retry} compact onPress={retry} />
      </View>
    );
  }
  if (!data || !followed) return null;
  if (followed.checks.length < 2) return <UntoldLooks workingOut={data.workingOut} />;
  return (
    <>
      <UntoldLooks workingOut={data.workingOut} />
      <ProgressOverview followed={followed} now={now} onChoose={open} />
      <Button label={progressWords.open} icon="chart-timeline-variant" onPress={() => open()} />
    </>
  );
}
