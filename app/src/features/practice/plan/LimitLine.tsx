import { View } from 'react-native';
import { SAFETY, type Relaxed } from '@open-palm/core/practice/plan';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** A share in words, in steps of five hundredths. */
const gainWords = (share: number): string => words.gain(5 * Math.round(20 * share));

/** Which limit holds a plan back most, and what one more minute would bring. */
export function LimitLine({ limits }: { limits: readonly Relaxed[] | null }) {
  if (limits === null) {
    return (
      <Text variant="small" second>
        {words.limitsBusy}
      </Text>
    );
  }
  const [first] = limits;
  const minute = limits.find(({ limit }) => limit === 'minutesADay');
  return (
    <View style={{ gap: space(1) }}>
      {first && first.gain > 0 && first.limit !== 'minutesADay' ? (
        <Text variant="small">
          {SAFETY.includes(first.limit)
            ? words.bindsSafety(words.limits[first.limit])
            : words.binds(words.limits[first.limit], gainWords(first.gain))}
        </Text>
      ) : null}
      {minute ? (
        <Text variant="small">
          {minute.gain > 0
            ? words.oneMinute(
                gainWords(minute.gain),
                minute.cause === null ? null : (strings.causes[minute.cause] ?? minute.cause),
              )
            : words.oneMinuteNothing}
        </Text>
      ) : null}
    </View>
  );
}
