import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { FASTEST_BPM, SLOWEST_BPM } from '@open-palm/core/practice';
import { Button } from '../../../../foundation/kit/Button';
import { Text } from '../../../../foundation/kit/Text';
import { space } from '../../../../foundation/kit/tokens';
import { strings } from '../../../../foundation/strings';
import { startMetronome } from './metronome';

const words = strings.testing;
const STEP_BPM = 4;

/** A metronome: slower, faster, on and off. Leaving the screen stops it. */
export function MetronomeBar({ bpm, onBpm }: { bpm: number; onBpm: (bpm: number) => void }) {
  const [isOn, setOn] = useState(false);
  const context = useRef<AudioContext>(undefined);
  useEffect(() => {
    if (!isOn) return;
    context.current ??= new AudioContext();
    void context.current.resume();
    return startMetronome(context.current, bpm);
  }, [isOn, bpm]);
  useEffect(() => () => void context.current?.close(), []);
  const go = (by: number) => onBpm(Math.min(FASTEST_BPM, Math.max(SLOWEST_BPM, bpm + by)));
  return (
    <View role="group" aria-label={words.metronome} style={{ gap: space(2) }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <Button label={words.slower} onPress={() => go(-STEP_BPM)} compact />
        <Text style={{ flex: 1, textAlign: 'center' }}>{words.bpm(bpm)}</Text>
        <Button label={words.faster} onPress={() => go(STEP_BPM)} compact />
      </View>
      <Button
        label={isOn ? words.quiet : words.beat}
        icon="metronome"
        onPress={() => setOn(!isOn)}
      />
    </View>
  );
}
