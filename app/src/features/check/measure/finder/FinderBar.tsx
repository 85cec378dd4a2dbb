import { memo } from 'react';
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { Notice } from '../../../../kit/Notice';
import { Text } from '../../../../kit/Text';
import { useTokens } from '../../../../kit/ThemeProvider';
import { space } from '../../../../kit/tokens';
import { strings } from '../../../../strings';
import type { Finder } from './useFinder';

const words = strings.finder;

/** What the search for the hand is doing, and what can be done when it found none. */
export const FinderBar = memo(function FinderBar({ finder }: { finder: Finder }) {
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
          <Notice
            {...(canTouch(state.why) ? { action: { label: words.askTwo, onPress: askTwo } } : {})}
          >
            {words.nothing[state.why]}
          </Notice>
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

/** Where a person can see more than the finder. */
const canTouch = (why: string): boolean => why === 'noHand' || why === 'severalHands';
