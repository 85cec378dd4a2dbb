import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { playerSeen, standingMarks, type RowMark } from '@open-palm/core/row';
import { tapMeasure, type MeasureId, type TapAnswer } from '@open-palm/core/measure';
import type { PartId } from '../../assessment/stations/handParts';
import { PartScreen } from '../../assessment/stations/PartScreen';
import { Button } from '../../foundation/kit/Button';
import { Screen } from '../../foundation/kit/Screen';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import { PlayerPortrait } from './PlayerPortrait';
import type { Player } from './room';
import { askedInPassing, factsOf } from './rowParts';
import type { Said } from './useWalk';
import type { ReactNode } from 'react';

const words = rowWords.walk;

/** One player while the row is walked: fine in one tap, or a touched part and its drawn variant; then the next. */
export function SeatStep({
  player,
  marks,
  head,
  foot,
  onSay,
  onStep,
}: {
  player: Player;
  /** Of this player, in the order in which they were made. */
  marks: readonly RowMark[];
  head: ReactNode;
  /** What can be said beside the player's hold. */
  foot: ReactNode;
  onSay: (...said: readonly Said[]) => void;
  onStep: (by: 1 | -1) => void;
}) {
  const [touched, touch] = useState<{ of: string; part: PartId } | null>(null);
  const setTouched = (id: PartId | null) =>
    touch(id === null ? null : { of: player.studentId, part: id });
  const facts = factsOf(player);
  const seen = playerSeen(marks, player.hold);
  const answers = { taps: seen.taps, seen: seen.signs, watching: false };
  const part = askedInPassing(facts).parts.find(
    ({ id }) => touched?.of === player.studentId && id === touched.part,
  );
  const isFine = standingMarks(marks).some(({ kind }) => kind === 'fine');
  const mark = (sign: string, present: boolean | null) => {
    if (present) return onSay({ kind: 'sign', sign });
    onSay(
      ...standingMarks(marks).flatMap((one): Said[] =>
        one.kind === 'sign' && one.sign === sign ? [{ kind: 'undone', mark: one.id }] : [],
      ),
    );
  };
  // The next name and the buttons are there within the frame of the tap, and the drawn hand just after.
  const portrait = useDeferredValue(
    <PlayerPortrait
      key={player.hold.id}
      facts={facts}
      answers={answers}
      onPart={setTouched}
      onMark={mark}
      onSwipe={onStep}
    />,
  );
  if (part) {
    return (
      <PartScreen
        key={part.id}
        part={part}
        title={strings.stations.partsAmongAll[part.id]}
        facts={facts}
        answers={answers}
        onAnswer={(measure: MeasureId, answer: TapAnswer) => {
          const tap = { measure, answer };
          onSay({ kind: 'tap', tap });
          setTouched(null);
          // What was right after all is no fault to go on from.
          if (tapMeasure(tap, player.hold, 'row').verdict !== 'in') onStep(1);
        }}
        onMark={mark}
        onFine={() => {
          onSay(
            ...part.judged.map((measure): Said => ({
              kind: 'tap',
              tap: { measure, answer: { kind: 'fine' } },
            })),
          );
          setTouched(null);
        }}
        onSkip={() => {
          const measures = [...part.judged, ...part.further];
          onSay(
            ...standingMarks(marks).flatMap((one): Said[] =>
              one.kind === 'tap' && measures.includes(one.tap.measure)
                ? [{ kind: 'undone', mark: one.id }]
                : [],
            ),
          );
          setTouched(null);
        }}
        onBack={() => setTouched(null)}
      />
    );
  }
  return (
    <Screen
      columns
      footer={
        <View style={{ flex: 1, gap: space(2) }}>
          {foot}
          <View style={{ flexDirection: 'row', gap: space(2) }}>
            <Button
              label={seen.isLookedAt ? words.next : words.skip}
              onPress={() => onStep(1)}
              style={{ flex: 2 }}
            />
            <Button
              label={seen.isLookedAt && !isFine ? words.restFine : words.fine}
              primary
              icon="check"
              onPress={() => {
                if (!isFine) onSay({ kind: 'fine' });
                onStep(1);
              }}
              style={{ flex: 3 }}
            />
          </View>
        </View>
      }
    >
      {head}
      {portrait}
    </Screen>
  );
}
