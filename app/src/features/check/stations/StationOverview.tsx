import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import {
  checkContacts,
  tapMeasure,
  type Context,
  type MeasureId,
  type Side,
  type Tap,
} from '@open-palm/core/measure';
import { BackHeader } from '../../../kit/BackHeader';
import { Button } from '../../../kit/Button';
import { Card } from '../../../kit/Card';
import { Columns } from '../../../kit/Columns';
import { PressRow } from '../../../kit/PressRow';
import { Screen } from '../../../kit/Screen';
import { StateMark } from '../../../kit/StateMark';
import { Text } from '../../../kit/Text';
import { space } from '../../../kit/tokens';
import { GripPortrait, shownBy } from '../../../portrait/GripPortrait';
import { strings } from '../../../strings';
import { tapWords, verdictMark } from '../../../strings/measureWords';
import { nextQuestion, type Station } from './stationPlan';

const words = strings.stations;

/** One station: the hold as it is known so far, its checkpoints, and "all fine here". */
export function StationOverview({
  station,
  number,
  count,
  hold,
  side,
  skinTone,
  context,
  taps,
  onAsk,
  onFine,
  onNext,
  onBack,
}: {
  station: Station;
  number: number;
  count: number;
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  context: Context;
  taps: readonly Tap[];
  onAsk: (measure: MeasureId) => void;
  onFine: () => void;
  onNext: () => void;
  onBack: () => void;
}) {
  const [showsAll, setShowsAll] = useState(false);
  const numbers = useMemo(
    () => ({
      contacts: checkContacts({ context, captures: [], taps }, hold),
      ...shownBy(taps.map((tap) => ({ measure: tapMeasure(tap, hold, context) }))),
    }),
    [taps, hold, context],
  );
  const open = nextQuestion(station, taps, null);
  const isBegun = station.judged.some((id) => taps.some((tap) => tap.measure === id));
  const listed = showsAll ? [...station.judged, ...station.further] : station.judged;
  return (
    <Screen
      columns
      footer={
        open === null ? (
          <Button label={words.next} primary onPress={onNext} style={{ flex: 1 }} />
        ) : (
          <>
            {isBegun ? (
              <Button label={words.next} onPress={onNext} style={{ flex: 1 }} />
            ) : (
              <Button label={words.closer} onPress={() => onAsk(open)} style={{ flex: 1 }} />
            )}
            <Button
              label={isBegun ? words.restFine : words.allFine}
              primary
              icon="check"
              onPress={onFine}
              style={{ flex: 1 }}
            />
          </>
        )
      }
    >
      <BackHeader
        title={strings.families[station.family]}
        under={words.step(number, count)}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      <Columns
        picture={
          <Card
            style={{
              padding: 0,
              overflow: 'hidden',
              maxWidth: 420,
              alignSelf: 'center',
              width: '78%',
            }}
          >
            <GripPortrait label={words.portrait} numbers={{ hold, side, skinTone, ...numbers }} />
          </Card>
        }
      >
        <View style={{ gap: space(1) }}>
          {listed.map((id) => {
            const tap = taps.find((other) => other.measure === id);
            const measure = tap && tapMeasure(tap, hold, context);
            return (
              <PressRow
                key={id}
                label={words.answerFor(strings.measures[id])}
                onPress={() => onAsk(id)}
              >
                <StateMark state={measure ? verdictMark(measure.verdict) : 'notSeen'} size={16} />
                <Text variant="small" style={{ flex: 1 }}>
                  {strings.measures[id]}
                </Text>
                <Text variant="small" second>
                  {tap ? tapWords(tap) : ''}
                </Text>
              </PressRow>
            );
          })}
        </View>
        {station.further.length > 0 ? (
          <Button
            label={showsAll ? words.fewer : words.further(station.further.length)}
            icon={showsAll ? 'chevron-up' : 'chevron-down'}
            onPress={() => setShowsAll(!showsAll)}
          />
        ) : null}
      </Columns>
    </Screen>
  );
}
