import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { SeenSigns, SkinTone } from '@open-palm/contract';
import type { Digit } from '@open-palm/core/pose/digits';
import type { BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import {
  checkContacts,
  tapMeasure,
  type Context,
  type MeasureId,
  type Side,
  type Tap,
} from '@open-palm/core/measure';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Columns } from '../../../foundation/kit/Columns';
import { PressRow } from '../../../foundation/kit/PressRow';
import { Screen } from '../../../foundation/kit/Screen';
import { StateMark, verdictMark } from '../../../foundation/kit/StateMark';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { NOT_SHOWN, shownBy } from '../../../drawing/portrait/portraitNumbers';
import { strings } from '../../../foundation/strings';
import { tapWords } from '../../../foundation/strings/measureWords';
import { SignRows } from './SignRows';
import { nextQuestion, type Station } from './stationPlan';

const words = strings.stations;

/** The part of the wanted hand that is laid over the portrait of a station; of the others all of it. */
const IN_QUESTION: Partial<Record<Station['id'], readonly Digit[]>> = {
  thumb: ['thumb'],
  fingers: ['index', 'middle', 'ring'],
  little: ['little'],
};

/** One station: the hold as it is known so far, its checkpoints, and "all fine here". */
export function StationOverview({
  station,
  number,
  count,
  hold,
  bowSize,
  side,
  skinTone,
  context,
  taps,
  seen,
  watching,
  onMark,
  onTests,
  onAsk,
  onFine,
  onNext,
  onBack,
}: {
  station: Station;
  number: number;
  count: number;
  hold: Hold;
  bowSize: BowSize;
  side: Side;
  skinTone: SkinTone;
  context: Context;
  taps: readonly Tap[];
  seen: SeenSigns;
  /** Shows no verdict of what was answered. */
  watching: boolean;
  onMark: (sign: string, present: boolean | null) => void;
  onTests: () => void;
  onAsk: (measure: MeasureId) => void;
  onFine: () => void;
  onNext: () => void;
  onBack: () => void;
}) {
  const [showsAll, setShowsAll] = useState(false);
  const numbers = useMemo(
    () => ({
      contacts: checkContacts({ context, captures: [], taps }, hold),
      ...(watching
        ? NOT_SHOWN
        : shownBy(taps.map((tap) => ({ measure: tapMeasure(tap, hold, context) })))),
    }),
    [taps, hold, context, watching],
  );
  // A tap that changes nothing drawn does not draw the hand anew: it has to show within a frame.
  const portrait = useMemo(
    () => (
      <GripPortrait
        key={station.id}
        label={words.portrait}
        numbers={{ hold, bowSize, side, skinTone, ...numbers }}
        {...(station.id === 'thumb' && hold.hand === 'over' ? { first: 'thumbSide' } : {})}
        {...(IN_QUESTION[station.id] ? { inQuestion: IN_QUESTION[station.id] } : {})}
      />
    ),
    [hold, bowSize, side, skinTone, numbers, station.id],
  );
  const open = nextQuestion(station, taps, null);
  const unmarked = station.signs.some((sign) => seen[sign] === undefined);
  const isOpen = open !== null || unmarked;
  const isBegun =
    station.judged.some((id) => taps.some((tap) => tap.measure === id)) ||
    station.signs.some((sign) => seen[sign] !== undefined);
  const furtherCount = station.further.length + station.furtherSigns.length;
  const listed = showsAll ? [...station.judged, ...station.further] : station.judged;
  return (
    <Screen
      columns
      footer={
        !isOpen ? (
          <Button label={words.next} primary onPress={onNext} style={{ flex: 1 }} />
        ) : (
          <>
            {isBegun || open === null ? (
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
        title={station.id === 'relaxation' ? strings.relaxation.name : strings.families[station.id]}
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
            {portrait}
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
                <StateMark
                  state={measure ? (watching ? 'none' : verdictMark(measure.verdict)) : 'notSeen'}
                  size={16}
                />
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
        {station.signs.length > 0 ? (
          <SignRows signs={station.signs} seen={seen} onMark={onMark} />
        ) : null}
        {station.id === 'relaxation' ? (
          <Button label={strings.relaxation.tests} icon="timer-outline" onPress={onTests} />
        ) : null}
        {showsAll && station.furtherSigns.length > 0 ? (
          <SignRows signs={station.furtherSigns} seen={seen} onMark={onMark} />
        ) : null}
        {furtherCount > 0 ? (
          <Button
            label={showsAll ? words.fewer : words.further(furtherCount)}
            icon={showsAll ? 'chevron-up' : 'chevron-down'}
            onPress={() => setShowsAll(!showsAll)}
          />
        ) : null}
      </Columns>
    </Screen>
  );
}
