import { View } from 'react-native';
import { DRILLS } from '@open-palm/core/practice';
import { Button } from '../../../foundation/kit/Button';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { PhaseDrill } from './planPhases';
import type { DrillWish } from './wishes';

const words = strings.practice;

/** What can be done with a drill of a plan. */
export function DrillOptions({
  planned: { drill, stage },
  phases,
  inPhase,
  isMoved,
  onWish,
  onSwap,
  onClose,
}: {
  planned: PhaseDrill;
  /** The days of every phase, in words. */
  phases: readonly string[];
  /** Counted from 1. */
  inPhase: number;
  isMoved: boolean;
  onWish: (wish: DrillWish) => void;
  onSwap: () => void;
  onClose: () => void;
}) {
  const next = DRILLS.find(({ id }) => id === drill)!.stages[stage];
  const wide = { flexGrow: 1 };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
      <Button
        label={words.drop}
        compact
        onPress={() => onWish({ kind: 'drop', drill })}
        style={wide}
      />
      <Button label={words.swap} compact onPress={onSwap} style={wide} />
      {isMoved ? (
        <Button
          label={words.everywhere}
          compact
          onPress={() => onWish({ kind: 'everywhere', drill })}
          style={wide}
        />
      ) : null}
      {phases.length > 1
        ? phases.map((days, i) =>
            isMoved && i + 1 === inPhase ? null : (
              <Button
                key={days}
                label={words.moveTo(days)}
                compact
                onPress={() => onWish({ kind: 'move', drill, phase: i + 1 })}
                style={wide}
              />
            ),
          )
        : null}
      {next ? (
        <Button
          label={words.openStage(strings.drillStages[drill]?.[stage - 1] ?? String(stage + 1))}
          compact
          onPress={() => onWish({ kind: 'stage', drill, stage: stage + 1 })}
          style={wide}
        />
      ) : null}
      <Button label={words.close} compact onPress={onClose} style={wide} />
    </View>
  );
}
