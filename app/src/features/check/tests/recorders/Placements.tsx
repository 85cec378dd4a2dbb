import { useState } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { Side } from '@open-palm/core/measure';
import { RE_FORM_TIMES, wantedPlaces, type Placement } from '@open-palm/core/practice';
import { Button } from '../../../../foundation/kit/Button';
import { Text } from '../../../../foundation/kit/Text';
import { space } from '../../../../foundation/kit/tokens';
import { strings } from '../../../../foundation/strings';
import { ScatterWords } from '../ScatterWords';
import { PlacementMarks } from './PlacementMarks';
import { Stopwatch } from './Stopwatch';

const words = strings.testing;

/** The hold formed afresh five times: seconds, then where thumb and fingers came to lie. */
export function Placements({
  hold,
  side,
  skinTone,
  placements,
  onPlacements,
}: {
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  placements: readonly Placement[];
  onPlacements: (placements: readonly Placement[]) => void;
}) {
  const [seconds, setSeconds] = useState<number>();
  // Each begins where the one before lay: only what differs is moved.
  const [xMm, setX] = useState(() => placements.at(-1)?.xMm ?? wantedPlaces(hold));
  if (placements.length >= RE_FORM_TIMES) {
    return (
      <View style={{ gap: space(2) }}>
        <ScatterWords placements={placements} />
        <Button label={words.again} onPress={() => onPlacements([])} />
      </View>
    );
  }
  return (
    <View style={{ gap: space(3) }}>
      <Text variant="strong">{words.formAgain(placements.length + 1, RE_FORM_TIMES)}</Text>
      <Stopwatch key={placements.length} seconds={seconds} onSeconds={setSeconds} />
      {seconds === undefined ? null : (
        <>
          <PlacementMarks xMm={xMm} hold={hold} side={side} skinTone={skinTone} onMove={setX} />
          <Button
            label={placements.length + 1 === RE_FORM_TIMES ? words.formed : words.nextTime}
            primary
            onPress={() => {
              onPlacements([...placements, { seconds, xMm }]);
              setSeconds(undefined);
            }}
          />
        </>
      )}
    </View>
  );
}
