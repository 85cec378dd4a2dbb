import { format } from 'date-fns/format';
import { View } from 'react-native';
import { dateOfDay } from '@open-palm/records/time';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { PlanPhase } from './planPhases';

const words = strings.practice;

/** A day in a word and a number: Tue 1. */
export const shortDay = (day: number): string =>
  format(new Date(`${dateOfDay(day)}T12:00:00`), 'EEE d');

/** Days in words: the first and the last. */
export const daysWords = (days: readonly number[]): string =>
  words.phase(shortDay(days[0]!), shortDay(days.at(-1)!));

/** From when to when, and how long a day. */
export function PhaseHead({ days, minutes }: Pick<PlanPhase, 'days' | 'minutes'>) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
      <Text variant="heading" style={{ flex: 1 }}>
        {daysWords(days)}
      </Text>
      <Text variant="small" second>
        {words.aDay(minutes)}
      </Text>
    </View>
  );
}
