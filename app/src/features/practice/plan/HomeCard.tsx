import { View } from 'react-native';
import { planDays, type PlanWishes } from '@open-palm/records/practice';
import { dateOfDay } from '@open-palm/records/time';
import { Card } from '../../../foundation/kit/Card';
import { Choice } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { DaysStrip } from './DaysStrip';

const words = strings.practice;
const HOME = ['ball', 'tube', 'partner'] as const;

/** What there is at home: the instrument on which days, things, and the name that stands on the card. */
export function HomeCard({
  wishes,
  rests,
  called,
  onWishes,
  onCalled,
}: {
  wishes: PlanWishes;
  rests: readonly string[];
  called: string;
  onWishes: (change: (old: PlanWishes) => PlanWishes) => void;
  onCalled: (called: string) => void;
}) {
  return (
    <Card style={{ gap: space(3) }}>
      <DaysStrip
        days={planDays(wishes).map(({ day }) => dateOfDay(day))}
        without={wishes.withoutInstrument}
        rests={rests}
        onToggle={(day) =>
          onWishes((old) => ({ ...old, withoutInstrument: toggled(old.withoutInstrument, day) }))
        }
      />
      <View style={{ gap: space(2) }}>
        <Text variant="label" second>
          {words.has}
        </Text>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
          {HOME.map((need) => (
            <Choice
              key={need}
              role="checkbox"
              label={words.needs[need] ?? need}
              chosen={wishes.has.includes(need)}
              onPress={() => onWishes((old) => ({ ...old, has: toggled(old.has, need) }))}
            />
          ))}
        </View>
      </View>
      <WordField label={words.called} value={called} onChange={onCalled} />
      <Text variant="small" second>
        {words.calledHelp}
      </Text>
    </Card>
  );
}

const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
