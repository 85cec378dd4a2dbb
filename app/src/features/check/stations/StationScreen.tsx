import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { checkContacts, tapMeasure, type View as Side } from '@open-palm/core/measure';
import type { Digit } from '@open-palm/core/pose/digits';
import type { PortraitView } from '@open-palm/core/portrait/views';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Columns } from '../../../foundation/kit/Columns';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { NOT_SHOWN, shownBy } from '../../../drawing/portrait/portraitNumbers';
import { strings } from '../../../foundation/strings';
import type { HandPart, PartId } from '../../../assessment/stations/handParts';
import { partState } from '../../../assessment/stations/partState';
import { PartTargets } from '../../../assessment/stations/PartTargets';
import { PartTokens } from '../../../assessment/stations/PartTokens';
import { SignTokens } from '../../../assessment/stations/SignTokens';
import type { StationAnswers, StationFacts } from '../../../assessment/stations/stationFacts';
import { fineTaps, type Station } from '../../../assessment/stations/stationPlan';
import { FIRST_VIEW, IN_QUESTION, SIDE_OF } from '../../../assessment/stations/stationView';

const words = strings.stations;

const NONE: readonly Digit[] = [];

/** One station: the drawn hand, large, from the side that shows it. Touched is what is not right; all else is fine in one tap. */
export function StationScreen({
  station,
  parts,
  place,
  facts,
  answers: { taps, seen, watching },
  head,
  onPart,
  onMark,
  onTests,
  onFine,
  onStep,
}: {
  station: Station;
  parts: readonly HandPart[];
  /** Which of how many, from 1. */
  place: { number: number; count: number };
  facts: StationFacts;
  answers: StationAnswers;
  head: ReactNode;
  onPart: (part: PartId) => void;
  onMark: (sign: string, present: boolean | null) => void;
  onTests?: () => void;
  /** What was not touched is fine, as far as these sides show it. */
  onFine: (views: readonly Side[]) => void;
  onStep: (by: 1 | -1) => void;
}) {
  const { hold, bowSize, side, skinTone, context } = facts;
  const [looked, setLooked] = useState<readonly PortraitView[]>([]);
  const views = looked.map((view) => SIDE_OF[view]);
  const numbers = useMemo(
    () => ({
      contacts: checkContacts({ context, captures: [], taps }, hold),
      ...(watching
        ? NOT_SHOWN
        : shownBy(taps.map((tap) => ({ measure: tapMeasure(tap, hold, context) })))),
    }),
    [taps, hold, context, watching],
  );
  const states = useMemo(
    () => new Map(parts.map((part) => [part.id, partState(part, taps, seen, facts, watching)])),
    [parts, taps, seen, facts, watching],
  );
  const isBegun =
    [...states.values()].some(({ isTouched }) => isTouched) ||
    station.signs.some((sign) => seen[sign] !== undefined);
  const isOpen =
    fineTaps(station, taps, views).length > 0 ||
    station.signs.some((sign) => seen[sign] === undefined);
  const inQuestion = IN_QUESTION[station.id];
  return (
    <Screen
      columns
      footer={
        <>
          {isOpen ? (
            <Button
              label={isBegun ? words.next : words.notSeen}
              onPress={() => onStep(1)}
              style={{ flex: 1 }}
            />
          ) : null}
          <Button
            label={!isOpen ? words.next : isBegun ? words.restFine : words.allFine}
            primary
            {...(isOpen ? { icon: 'check' } : {})}
            onPress={() => (isOpen ? onFine(views) : onStep(1))}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={station.id === 'relaxation' ? strings.relaxation.name : strings.families[station.id]}
        under={words.step(place.number, place.count)}
        backLabel={strings.nav.back}
        onBack={() => onStep(-1)}
      />
      {head}
      <Columns
        picture={
          <Card style={{ padding: 0, overflow: 'hidden' }}>
            <GripPortrait
              label={words.portrait}
              // Drawn as the hold wants it but for what was answered: its rings tell what was looked at.
              numbers={{ hold, bowSize, side, skinTone, ...numbers, unseen: NONE }}
              caption={parts.length > 0 ? <Text variant="small">{words.touch}</Text> : null}
              first={FIRST_VIEW[station.id]}
              {...(inQuestion ? { inQuestion } : {})}
              touch={{
                over: (drawing, view) => (
                  <PartTargets
                    {...{ drawing, view, parts, states, onPart, hold }}
                    mirrored={side === 'left'}
                  />
                ),
                onView: (view) => setLooked((now) => (now.includes(view) ? now : [...now, view])),
                onSwipe: onStep,
              }}
            />
          </Card>
        }
      >
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
          <PartTokens parts={parts} states={states} onPart={onPart} />
          <SignTokens signs={station.signs} hold={hold} hand={facts} {...{ seen, onMark }} />
        </View>
        {onTests ? (
          <Button label={strings.relaxation.tests} icon="timer-outline" onPress={onTests} />
        ) : null}
      </Columns>
    </Screen>
  );
}
