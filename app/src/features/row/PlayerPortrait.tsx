import { useMemo } from 'react';
import { checkContacts, tapMeasure } from '@open-palm/core/measure';
import type { Digit } from '@open-palm/core/pose/digits';
import type { PartId } from '../../assessment/stations/handParts';
import { partState } from '../../assessment/stations/partState';
import { PartTargets } from '../../assessment/stations/PartTargets';
import { PartTokens } from '../../assessment/stations/PartTokens';
import { SignTokens } from '../../assessment/stations/SignTokens';
import type { StationAnswers, StationFacts } from '../../assessment/stations/stationFacts';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
import { shownBy } from '../../drawing/portrait/portraitNumbers';
import { Card } from '../../foundation/kit/Card';
import { Columns } from '../../foundation/kit/Columns';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import { View } from 'react-native';
import { askedInPassing } from './rowParts';

const NONE: readonly Digit[] = [];
const ignore = () => undefined;

/** The small drawn hand of a player: touched is what is not right. */
export function PlayerPortrait({
  facts,
  answers: { taps, seen, watching },
  onPart,
  onMark,
  onSwipe,
}: {
  facts: StationFacts;
  answers: StationAnswers;
  onPart: (part: PartId) => void;
  onMark: (sign: string, present: boolean | null) => void;
  onSwipe: (by: 1 | -1) => void;
}) {
  const { hold, bowSize, side, skinTone, context, level } = facts;
  const { parts, signs } = askedInPassing({ hold, level });
  const numbers = useMemo(
    () => ({
      contacts: checkContacts({ context, captures: [], taps }, hold),
      ...shownBy(taps.map((tap) => ({ measure: tapMeasure(tap, hold, context) }))),
    }),
    [taps, hold, context],
  );
  const states = useMemo(
    () => new Map(parts.map((part) => [part.id, partState(part, taps, seen, facts, watching)])),
    [parts, taps, seen, facts, watching],
  );
  return (
    <Columns
      picture={
        <Card style={{ padding: 0, overflow: 'hidden' }}>
          <GripPortrait
            label={strings.stations.portrait}
            numbers={{ hold, bowSize, side, skinTone, ...numbers, unseen: NONE }}
            caption={<Text variant="small">{rowWords.walk.touch}</Text>}
            first="fingerSide"
            touch={{
              over: (drawing, view) => (
                <PartTargets
                  {...{ drawing, view, parts, states, onPart, hold }}
                  mirrored={side === 'left'}
                />
              ),
              onView: ignore,
              onSwipe,
            }}
          />
        </Card>
      }
    >
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        <PartTokens parts={parts} states={states} onPart={onPart} amongAll />
        <SignTokens signs={signs} hold={hold} hand={facts} {...{ seen, onMark }} />
      </View>
    </Columns>
  );
}
