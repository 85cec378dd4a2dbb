import { View } from 'react-native';
import { DragHandle } from './DragHandle';
import { Text } from './Text';
import { useTokens } from './ThemeProvider';
import { space, TOUCH } from './tokens';

const TRACK = 6;
const KNOB = 26;

/** A value between two ends that is slid, with its word beside the question. */
export function SlideBar({
  label,
  value,
  valueText,
  min,
  max,
  step,
  ends,
  onChange,
}: {
  label: string;
  value: number;
  valueText: string;
  min: number;
  max: number;
  /** What a key moves it by. */
  step: number;
  /** Words at either end. */
  ends: readonly [string, string];
  onChange: (value: number) => void;
}) {
  const tokens = useTokens();
  const clamped = (wanted: number) => onChange(Math.min(max, Math.max(min, wanted)));
  const share = (value - min) / (max - min);
  return (
    <View>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Text variant="label" second>
          {label}
        </Text>
        <Text variant="label">{valueText}</Text>
      </View>
      <View style={{ height: TOUCH, marginHorizontal: KNOB / 2, justifyContent: 'center' }}>
        <View style={{ height: TRACK, borderRadius: TRACK / 2, backgroundColor: tokens.line }}>
          <View
            style={{
              height: TRACK,
              width: `${share * 100}%`,
              borderRadius: TRACK / 2,
              backgroundColor: tokens.amber,
            }}
          />
        </View>
        <DragHandle
          label={label}
          at={{ x: share, y: 0.5 }}
          value={value}
          valueText={valueText}
          min={min}
          max={max}
          onMove={({ x }) => clamped(min + x * (max - min))}
          onStep={(steps) => clamped(value + steps * step)}
        >
          <View
            style={{
              width: KNOB,
              height: KNOB,
              margin: (TOUCH - KNOB) / 2,
              borderRadius: KNOB / 2,
              borderWidth: 3,
              borderColor: tokens.ink,
              backgroundColor: tokens.card,
            }}
          />
        </DragHandle>
      </View>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', marginTop: -space(2) }}>
        <Text variant="label" second>
          {ends[0]}
        </Text>
        <Text variant="label" second>
          {ends[1]}
        </Text>
      </View>
    </View>
  );
}
