import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { Hold } from '@open-palm/core/holds';
import { DRILLS } from '@open-palm/core/practice';
import type { LearnedEffect } from '@open-palm/core/practice';
import { DrillPicture } from '../../../drawing/drills/DrillPicture';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { PhaseDrill } from './planPhases';

const words = strings.practice;
const PICTURE = 76;

/** A drill of a plan: how it looks, its dose, whether it is settled, and what can be done with it. */
export function DrillLine({
  planned: { drill, stage, turns, minutesATurn, load },
  onlyOn,
  learned,
  isLocked,
  hold,
  side,
  skinTone,
  onLock,
  onOptions,
}: Pick<WantedHand, 'side' | 'skinTone'> & {
  planned: PhaseDrill;
  /** The days of it, where they are not all of the phase. */
  onlyOn: string | null;
  learned: LearnedEffect['says'];
  isLocked: boolean;
  hold: Hold;
  onLock: () => void;
  onOptions: () => void;
}) {
  const tokens = useTokens();
  const name = strings.drills[drill] ?? drill;
  const of = DRILLS.find(({ id }) => id === drill)!.stages.length;
  const about = [
    minutesATurn === 0 ? words.within : words.dose(turns, minutesATurn),
    ...(of > 1 ? [words.stage(stage, of)] : []),
    ...(onlyOn === null ? [] : [words.someDays(onlyOn)]),
    ...(load === 2 ? [words.loads] : []),
    ...(learned === null ? [] : [words.helps[learned]]),
    ...(isLocked ? [words.settled] : []),
  ];
  const size = { margin: 0, width: 48, height: 48 };
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
      <View style={{ width: PICTURE, borderRadius: 10, overflow: 'hidden' }}>
        <DrillPicture drill={drill} hold={hold} side={side} skinTone={skinTone} />
      </View>
      <View style={{ flex: 1 }}>
        <Text variant="strong">{name}</Text>
        <Text variant="small" second>
          {about.join(' · ')}
        </Text>
      </View>
      <IconButton
        icon={isLocked ? 'lock' : 'lock-open-outline'}
        accessibilityLabel={isLocked ? words.unlock(name) : words.lock(name)}
        {...(isLocked ? { iconColor: tokens.amberInk } : {})}
        onPress={onLock}
        style={size}
      />
      <IconButton
        icon="dots-vertical"
        accessibilityLabel={words.options(name)}
        onPress={onOptions}
        style={size}
      />
    </View>
  );
}
