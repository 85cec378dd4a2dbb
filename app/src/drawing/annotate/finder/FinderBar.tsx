import { memo } from 'react';
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { Finder, Nothing } from './useFinder';

const words = strings.finder;

/** What the search for the hand is doing, and what can be done when it found none. */
export const FinderBar = memo(function FinderBar({
  finder,
  onFlip,
}: {
  finder: Finder;
  /** Turns the picture over: a mirrored hand is the other hand. */
  onFlip: () => void;
}) {
  const tokens = useTokens();
  const { state, askTwo, retry } = finder;
  switch (state.kind) {
    case 'off':
    case 'found':
      return null;
    case 'loading':
    case 'looking': {
      const share = state.kind === 'loading' ? state.share : null;
      return (
        <View role="status" style={{ paddingHorizontal: space(3), paddingVertical: space(2) }}>
          <Text variant="small" second>
            {share === null ? words.looking : words.loading(Math.round(share * 100))}
          </Text>
          <ProgressBar
            {...(share === null ? { indeterminate: true } : { progress: share })}
            color={tokens.amber}
            accessibilityLabel={share === null ? words.looking : words.progress}
            style={{ marginTop: space(1), backgroundColor: tokens.line }}
          />
        </View>
      );
    }
    case 'nothing':
      return (
        <View style={{ padding: space(2) }}>
          <Notice {...waysOut(state.why, askTwo, onFlip)}>{words.nothing[state.why]}</Notice>
        </View>
      );
    case 'touching':
      return (
        <View style={{ padding: space(2) }}>
          <Notice>{words.touching}</Notice>
        </View>
      );
    case 'notThere':
      return (
        <View style={{ padding: space(2) }}>
          <Notice>{words.notThere}</Notice>
        </View>
      );
    case 'unavailable':
      return (
        <View style={{ padding: space(2) }}>
          <Notice
            {...(state.problem === 'unsupported'
              ? {}
              : { action: { label: words.retry, onPress: retry } })}
          >
            {words.unavailable[state.problem]}
          </Notice>
        </View>
      );
  }
});

/** What a person can do who sees more than the finder. */
function waysOut(why: Nothing, askTwo: () => void, onFlip: () => void) {
  const action = { label: words.askTwo, onPress: askTwo };
  if (why === 'severalHands') return { action };
  return why === 'noHand' ? { action, further: { label: words.flip, onPress: onFlip } } : {};
}
