import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { WordField } from '../../foundation/kit/WordField';
import { strings } from '../../foundation/strings';

const words = strings.report;

/** The points of a report: each can be written anew, moved and removed. */
export function PointFields({
  points,
  onPoints,
  onMove,
  onBlur,
}: {
  points: readonly string[];
  onPoints: (points: string[]) => void;
  onMove: (from: number, by: -1 | 1) => void;
  onBlur: () => void;
}) {
  return points.map((point, i) => (
    <View key={i} style={{ flexDirection: 'row', alignItems: 'center' }}>
      <View style={{ flex: 1 }}>
        <WordField
          label={words.pointLabel(i + 1)}
          value={point}
          onChange={(text) => onPoints(points.map((other, at) => (at === i ? text : other)))}
          onBlur={onBlur}
          lines={3}
        />
      </View>
      <View>
        <Tool icon="arrow-up" label={words.up(i + 1)} off={i === 0} onPress={() => onMove(i, -1)} />
        <Tool
          icon="arrow-down"
          label={words.down(i + 1)}
          off={i === points.length - 1}
          onPress={() => onMove(i, 1)}
        />
      </View>
      <Tool
        icon="close"
        label={words.remove(i + 1)}
        off={points.length === 1}
        onPress={() => onPoints(points.filter((_, at) => at !== i))}
      />
    </View>
  ));
}

function Tool({
  icon,
  label,
  off,
  onPress,
}: {
  icon: string;
  label: string;
  off: boolean;
  onPress: () => void;
}) {
  return (
    <IconButton
      icon={icon}
      accessibilityLabel={label}
      disabled={off}
      onPress={onPress}
      size={20}
      style={{ margin: 0, width: 48, height: 48 }}
    />
  );
}

/** The points with one of them moved by a place. */
export function movePoint(points: readonly string[], from: number, by: -1 | 1): string[] {
  const moved = [...points];
  const [point] = moved.splice(from, 1);
  moved.splice(from + by, 0, point!);
  return moved;
}
