import { View } from 'react-native';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { reasonMark, reasonWords } from './reasonWords';
import type { Reason } from './teachingDay';

/** How many reasons are told: the hand file has them all. */
const MOST = 3;

/** Why a student is to be looked at, the most urgent first. */
export const Reasons = ({ reasons, now }: { reasons: readonly Reason[]; now: Date }) =>
  reasons.slice(0, MOST).map((reason) => (
    <View
      key={reasonWords(reason, now)}
      style={{ flexDirection: 'row', alignItems: 'flex-start', gap: space(1.5) }}
    >
      <View style={{ paddingTop: 3 }}>
        <StateMark state={reasonMark(reason)} size={14} />
      </View>
      <Text variant="small" second style={{ flex: 1 }}>
        {reasonWords(reason, now)}
      </Text>
    </View>
  ));
