import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { GlyphName } from './glyphs';
import { WordField } from './WordField';

/** What the fields and buttons of a line are called, for those who cannot see them. */
export interface LineLabels {
  line: (n: number) => string;
  up: (n: number) => string;
  down: (n: number) => string;
  remove: (n: number) => string;
}

/** Lines in order: each can be written anew, moved and removed. */
export function LineFields({
  lines,
  labels,
  least = 0,
  onLines,
  onBlur,
}: {
  lines: readonly string[];
  labels: LineLabels;
  /** So many stay. */
  least?: number;
  onLines: (lines: string[]) => void;
  onBlur?: () => void;
}) {
  return lines.map((line, i) => (
    <View key={i} style={{ flexDirection: 'row', alignItems: 'center' }}>
      <View style={{ flex: 1 }}>
        <WordField
          label={labels.line(i + 1)}
          value={line}
          onChange={(text) => onLines(lines.map((other, at) => (at === i ? text : other)))}
          {...(onBlur ? { onBlur } : {})}
          lines={3}
        />
      </View>
      <View>
        <Tool
          icon="arrow-up"
          label={labels.up(i + 1)}
          off={i === 0}
          onPress={() => onLines(moved(lines, i, -1))}
        />
        <Tool
          icon="arrow-down"
          label={labels.down(i + 1)}
          off={i === lines.length - 1}
          onPress={() => onLines(moved(lines, i, 1))}
        />
      </View>
      <Tool
        icon="close"
        label={labels.remove(i + 1)}
        off={lines.length <= least}
        onPress={() => onLines(lines.filter((_, at) => at !== i))}
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
  icon: GlyphName;
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

/** The lines with one of them moved by a place. */
export function moved(lines: readonly string[], from: number, by: -1 | 1): string[] {
  const all = [...lines];
  const [line] = all.splice(from, 1);
  all.splice(from + by, 0, line!);
  return all;
}
