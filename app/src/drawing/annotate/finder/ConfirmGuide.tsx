import { memo } from 'react';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { PointName, Side } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { ConfirmStep } from '../confirmStep';
import { GuideFrame } from '../GuideFrame';
import type { MarksStore } from '../useMarks';

const words = strings.confirm;

/** A guess to be looked at: right, to be moved, or not to be seen. Nothing of it counts before. */
export const ConfirmGuide = memo(function ConfirmGuide({
  step,
  chosen,
  done,
  all,
  canUndo,
  readLabel,
  canRead,
  side,
  change,
  onRead,
}: {
  step: ConfirmStep;
  /** The one point of the step that is meant, if one is. */
  chosen: PointName | null;
  /** How many points are set or skipped, of all that are asked for. */
  done: number;
  all: number;
  canUndo: boolean;
  readLabel: string;
  canRead: boolean;
  side: Side;
  change: MarksStore['change'];
  onRead: () => void;
}) {
  const isOne = step.names.length === 1;
  const meant = chosen !== null && step.names.includes(chosen) ? [chosen] : step.names;
  return (
    <GuideFrame
      points={meant}
      side={side}
      label={`${words.ask} · ${words.progress(done, all)}`}
      isGuess
      title={isOne || meant.length > 1 ? words.groups[step.id] : strings.points[meant[0]!]}
      hint={isOne ? words.hint.one : words.hint.several}
    >
      <View style={{ flexDirection: 'row', gap: space(2), alignItems: 'center' }}>
        <IconButton
          icon="undo"
          accessibilityLabel={strings.measure.undo}
          disabled={!canUndo}
          onPress={() => change({ type: 'undo' })}
          style={{ width: 48, height: 48, margin: 0 }}
        />
        <Button
          label={words.move}
          compact
          onPress={() => change({ type: 'refuse', names: meant })}
          style={{ flex: 1 }}
        />
        <Button
          label={isOne || meant.length > 1 ? words.cannotSee : words.cannotSeeThis}
          compact
          onPress={() => change({ type: 'skip', names: meant })}
          style={{ flex: 1.3 }}
        />
      </View>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        {canRead ? <Button label={readLabel} compact onPress={onRead} style={{ flex: 1 }} /> : null}
        <Button
          label={words.right}
          icon="check"
          primary
          onPress={() => change({ type: 'agree', names: step.names })}
          style={{ flex: 1 }}
        />
      </View>
    </GuideFrame>
  );
});
