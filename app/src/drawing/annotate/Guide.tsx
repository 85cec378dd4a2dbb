import { memo } from 'react';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { PointName, Side } from '@open-palm/core/measure';
import { Button } from '../../foundation/kit/Button';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { GuideFrame } from './GuideFrame';
import type { MarksStore } from './useMarks';

const words = strings.measure;

/** What is asked for now, drawn and named, with what can be done about it. */
export const Guide = memo(function Guide({
  chosen,
  isSet,
  done,
  all,
  canUndo,
  canRedo,
  readLabel,
  canRead,
  further,
  side,
  change,
  onRead,
}: {
  chosen: PointName | null;
  /** Whether the chosen point has its mark already. */
  isSet: boolean;
  /** How many points are set or skipped, of all that are asked for. */
  done: number;
  all: number;
  canUndo: boolean;
  canRedo: boolean;
  readLabel: string;
  canRead: boolean;
  /** Points that can be marked beyond those that are asked for. */
  further: readonly PointName[];
  side: Side;
  change: MarksStore['change'];
  onRead: () => void;
}) {
  const finished = done === all;
  return (
    <GuideFrame
      points={chosen === null ? [] : [chosen]}
      side={side}
      label={`${isSet ? words.selected : words.next} · ${words.progress(done, all)}`}
      title={chosen === null ? null : strings.points[chosen]}
      hint={finished ? words.done : null}
    >
      <View style={{ flexDirection: 'row', gap: space(2), alignItems: 'center' }}>
        <IconButton
          icon="undo"
          accessibilityLabel={words.undo}
          disabled={!canUndo}
          onPress={() => change({ type: 'undo' })}
          style={{ width: 48, height: 48, margin: 0 }}
        />
        <IconButton
          icon="redo"
          accessibilityLabel={words.redo}
          disabled={!canRedo}
          onPress={() => change({ type: 'redo' })}
          style={{ width: 48, height: 48, margin: 0 }}
        />
        {finished && further.length > 0 ? (
          <Button
            label={words.more}
            onPress={() => change({ type: 'extend', sequence: further })}
            style={{ flex: 1 }}
          />
        ) : (
          <Button
            label={words.cannotSee}
            disabled={chosen === null || (finished && !isSet)}
            onPress={() => chosen && change({ type: 'skip', names: [chosen] })}
            style={{ flex: 1 }}
          />
        )}
      </View>
      <Button label={readLabel} primary disabled={!canRead} onPress={onRead} />
    </GuideFrame>
  );
});
