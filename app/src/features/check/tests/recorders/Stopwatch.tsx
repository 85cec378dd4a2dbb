import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../../foundation/kit/Button';
import { Text } from '../../../../foundation/kit/Text';
import { space } from '../../../../foundation/kit/tokens';
import { strings } from '../../../../foundation/strings';

const words = strings.testing;
const SHOWN_EVERY_MS = 100;

/** Seconds between two taps, by the page's own steady clock. */
export function Stopwatch({
  seconds,
  onSeconds,
}: {
  seconds: number | undefined;
  onSeconds: (seconds: number | undefined) => void;
}) {
  const startedAt = useRef(0);
  const [shown, setShown] = useState<number | null>(null);
  const isRunning = shown !== null;
  useEffect(() => {
    if (!isRunning) return;
    const timer = setInterval(() => setShown(since(startedAt.current)), SHOWN_EVERY_MS);
    return () => clearInterval(timer);
  }, [isRunning]);
  const start = () => {
    startedAt.current = performance.now();
    onSeconds(undefined);
    setShown(0);
  };
  const stop = () => {
    onSeconds(since(startedAt.current));
    setShown(null);
  };
  return (
    <View role="group" aria-label={words.stopwatch} style={{ gap: space(2) }}>
      <Text variant="title" style={{ textAlign: 'center' }}>
        {words.seconds((shown ?? seconds ?? 0).toFixed(1))}
      </Text>
      {isRunning ? (
        <Button label={words.stop} primary icon="stop" onPress={stop} />
      ) : (
        <Button
          label={seconds === undefined ? words.start : words.again}
          primary={seconds === undefined}
          icon="play"
          onPress={start}
        />
      )}
    </View>
  );
}

/** To a tenth of a second: a thumb is no more exact. */
const since = (startedAt: number) => Math.round((performance.now() - startedAt) / 100) / 10;
