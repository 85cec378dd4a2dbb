import { View } from 'react-native';
import type { HandHistory } from '@open-palm/contract';
import { Text } from '../../foundation/kit/Text';
import { progressWords } from '../../foundation/strings/progress';

/** That some looks are not among the weeks yet; nothing where all are. */
export function UntoldLooks({ workingOut }: Pick<HandHistory, 'workingOut'>) {
  return workingOut > 0 ? (
    <View role="status">
      <Text variant="small" second>
        {progressWords.untold(workingOut)}
      </Text>
    </View>
  ) : null;
}
