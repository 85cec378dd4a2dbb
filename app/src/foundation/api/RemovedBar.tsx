import { useEffect, useState, useSyncExternalStore } from 'react';
import { View } from 'react-native';
import { Button } from '../kit/Button';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';
import { binWords as words } from '../strings/bin';
import { bringBack, dismissRemoved, lastRemoved, onRemoved } from './bin';

/** Long enough to read it, find the button and touch it; after that it is brought back from its own screen. */
const SHOWN_MS = 20_000;

/** Above every screen, after something was removed: what, and the way back. */
export function RemovedBar() {
  const tokens = useTokens();
  const item = useSyncExternalStore(onRemoved, lastRemoved);
  const [failed, setFailed] = useState<{ id: string; why: string } | null>(null);
  useEffect(() => {
    if (item === null) return;
    const timer = setTimeout(dismissRemoved, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [item]);
  if (item === null) return null;
  return (
    <View
      style={{
        backgroundColor: tokens.amberGround,
        paddingHorizontal: space(4),
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: space(2),
      }}
    >
      <View role="status" style={{ flexGrow: 1, flexShrink: 1, paddingVertical: space(1) }}>
        <Text variant="label" color={tokens.amberInk}>
          {failed?.id === item.id ? failed.why : words.removed[item.kind](item.studentName)}
        </Text>
      </View>
      <Button
        label={words.undo}
        compact
        quiet
        onPress={() =>
          void bringBack(item.id).catch((reason: unknown) =>
            setFailed({
              id: item.id,
              why: reason instanceof Error ? reason.message : String(reason),
            }),
          )
        }
      />
    </View>
  );
}
