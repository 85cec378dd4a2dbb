import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { DrillPicture } from '../../drawing/drills/DrillPicture';
import type { WantedHand } from '../../drawing/portrait/WantedGrip';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { PhaseHead } from './plan/PhaseHead';
import type { PlanPhase } from './plan/planPhases';

const words = strings.practice;

/** Days of a kept plan with the same drills. */
export function KeptPhase({
  phase: { days, drills, minutes },
  ...hand
}: Pick<WantedHand, 'side' | 'skinTone'> & { phase: PlanPhase; hold: Hold }) {
  return (
    <Card style={{ gap: space(2) }}>
      <PhaseHead days={days} minutes={minutes} />
      {drills.map(({ drill, turns, minutesATurn }) => (
        <View key={drill} style={{ flexDirection: 'row', alignItems: 'center', gap: space(3) }}>
          <View style={{ width: 76, borderRadius: 10, overflow: 'hidden' }}>
            <DrillPicture drill={drill} {...hand} />
          </View>
          <View style={{ flex: 1 }}>
            <Text variant="strong">{strings.drills[drill] ?? drill}</Text>
            <Text variant="small" second>
              {minutesATurn === 0 ? words.within : words.dose(turns, minutesATurn)}
            </Text>
          </View>
        </View>
      ))}
    </Card>
  );
}
