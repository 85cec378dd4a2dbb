import { router } from 'expo-router';
import { View } from 'react-native';
import type { CheckSummary } from '@open-palm/contract';
import { StandingRow } from '../../assessment/breakdown/StandingRow';
import { PressRow } from '../../foundation/kit/PressRow';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords, dayWords } from '../../foundation/strings/dateWords';

const words = strings.handFile;

/** A look in the history: when, how, and how the families stood. */
export function HistoryRow({ check, now }: { check: CheckSummary; now: Date }) {
  const day = dayWords(check.takenAt);
  return (
    <PressRow label={words.openCheck(day)} onPress={() => router.navigate(`/checks/${check.id}`)}>
      <View style={{ flex: 1, gap: space(1), paddingHorizontal: space(1) }}>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
          <Text variant="strong">{day}</Text>
          <Text variant="small" second style={{ flex: 1, textAlign: 'right' }}>
            {agoWords(check.takenAt, now)}
          </Text>
        </View>
        <Text variant="small" second>
          {[strings.contexts[check.context], ...seenBy(check)].join(' · ')}
        </Text>
        <StandingRow standings={check.standings} />
      </View>
    </PressRow>
  );
}

/** From where it was looked at: the views, and by tap. */
const seenBy = ({ pictures, taps }: CheckSummary): string[] => [
  ...new Set(pictures.map(({ view }) => strings.views[view])),
  ...(taps > 0 ? [words.byTap] : []),
];
