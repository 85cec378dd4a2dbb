import { useEffect, useState, useSyncExternalStore } from 'react';
import { View } from 'react-native';
import { isReachable, onReach } from './reach';
import { useUnsent } from './useOutbox';
import { strings } from '../strings';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';

/** What is sent within this time is not spoken of: the page must not jump under a finger at every tap. */
const UNTOLD_MS = 2500;

/** Above every screen: what has not reached the studio yet, and that it does not answer. */
export function WaitingBar() {
  const tokens = useTokens();
  const waiting = useUnsent().length;
  const reachable = useSyncExternalStore(onReach, isReachable);
  const [isLong, setLong] = useState(false);
  const waits = waiting > 0;
  useEffect(() => {
    if (!waits) return;
    const timer = setTimeout(() => setLong(true), UNTOLD_MS);
    return () => {
      clearTimeout(timer);
      setLong(false);
    };
  }, [waits]);
  if (reachable && !(waits && isLong)) return null;
  return (
    <View
      role="status"
      style={{
        backgroundColor: tokens.amberGround,
        paddingHorizontal: space(4),
        paddingVertical: space(1),
      }}
    >
      <Text variant="label" color={tokens.amberInk}>
        {[
          ...(waiting > 0 ? [strings.waiting.bar(waiting)] : []),
          ...(reachable ? [] : [strings.waiting.offline]),
        ].join(' · ')}
      </Text>
    </View>
  );
}
