import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { PlanDone } from '@open-palm/records/practice';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice.log;

/** Planned against done: days with the bow, and each drill as a bar beside its numbers. */
export function DoneCard({
  done: { daysDone, daysPlanned, drills },
  children,
}: {
  done: PlanDone;
  children?: ReactNode;
}) {
  const isAny = daysDone > 0 || drills.some(({ hard }) => hard > 0);
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <Text variant="small" second={!isAny}>
        {isAny ? words.days(daysDone, daysPlanned) : words.none}
      </Text>
      {isAny ? drills.map((drill) => <DoneLine key={drill.drill} {...drill} />) : null}
      {children}
    </Card>
  );
}

function DoneLine({ drill, planned, done, hard }: PlanDone['drills'][number]) {
  const tokens = useTokens();
  const share = planned === 0 ? 0 : Math.min(1, (done + hard) / planned);
  return (
    <View style={{ gap: space(1) }}>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Text variant="small" style={{ flex: 1 }}>
          {strings.drills[drill] ?? drill}
        </Text>
        <Text variant="small" second>
          {[words.line(done + hard, planned), ...(hard > 0 ? [words.hard(hard)] : [])].join(' · ')}
        </Text>
      </View>
      <View style={{ height: 6, borderRadius: 3, backgroundColor: tokens.line }}>
        <View
          style={{
            height: 6,
            borderRadius: 3,
            width: `${Math.round(100 * share)}%`,
            backgroundColor: tokens.in,
          }}
        />
      </View>
    </View>
  );
}
