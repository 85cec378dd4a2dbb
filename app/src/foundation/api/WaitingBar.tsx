import { router, usePathname } from 'expo-router';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Pressable } from 'react-native';
import { isReachable, onReach } from './reach';
import { onReading, readingTrouble } from './reading';
import { isWaiting } from './sync/entry';
import { useEntries } from './sync/useSync';
import { useOutdated } from './builds';
import { loadNewerApp } from './useFreshApp';
import { strings } from '../strings';
import { NewsBar } from '../kit/NewsBar';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space, TOUCH } from '../kit/tokens';

/** What is sent within this time is not spoken of: the page must not jump under a finger at every tap. */
const UNTOLD_MS = 2500;

/** Above every screen: what has not reached the studio yet, what needs a person, and that the studio does not answer. */
export function WaitingBar() {
  const entries = useEntries();
  const waiting = entries.filter(isWaiting).length;
  const needsYou = entries.length - waiting;
  const reachable = useSyncExternalStore(onReach, isReachable);
  const trouble = useSyncExternalStore(onReading, readingTrouble);
  const outdated = useOutdated();
  const here = usePathname();
  const isThere = here === '/waiting';
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
  const lines = [
    ...(needsYou > 0 ? [strings.waiting.needsYou(needsYou)] : []),
    ...(waits && (isLong || !reachable) ? [strings.waiting.bar(waiting)] : []),
    ...(reachable ? [] : [strings.waiting.offline]),
    ...(trouble === null ? [] : [strings.waiting.reading[trouble]]),
  ];
  if (lines.length === 0 && !outdated) return null;
  return (
    <NewsBar text={[...(outdated ? [strings.waiting[outdated]] : []), ...lines].join(' · ')}>
      {!reachable && !outdated && here !== '/trouble' ? (
        <BarLink label={strings.waiting.why} onPress={() => router.navigate('/trouble')} />
      ) : null}
      {outdated ? (
        <BarLink label={strings.waiting.reload} onPress={() => void loadNewerApp()} />
      ) : entries.length > 0 && lines.length > 0 && !isThere ? (
        <BarLink label={strings.waiting.open} onPress={() => router.navigate('/waiting')} />
      ) : null}
    </NewsBar>
  );
}

function BarLink({ label, onPress }: { label: string; onPress: () => void }) {
  const tokens = useTokens();
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={{ minHeight: TOUCH, justifyContent: 'center', paddingHorizontal: space(2) }}
    >
      <Text variant="label" color={tokens.amberInk} style={{ textDecorationLine: 'underline' }}>
        {label}
      </Text>
    </Pressable>
  );
}
