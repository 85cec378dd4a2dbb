import { TextInput } from 'react-native-paper';
import { space } from './tokens';
import { useWide } from './useWide';

/** Letters that surely fit into a line, on a phone and on a wide screen. */
const PER_LINE = { phone: 26, wide: 52 };

/** A line for a word or two. */
export function WordField({
  label,
  value,
  onChange,
  onBlur,
  lines = 1,
  kind = 'text',
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  onBlur?: () => void;
  /** How many lines it shows at least. */
  lines?: number;
  kind?: 'text' | 'email' | 'decimal';
}) {
  const perLine = useWide() ? PER_LINE.wide : PER_LINE.phone;
  // A field of several lines grows with its text: nothing of it is hidden.
  const shown = lines === 1 ? 1 : Math.max(lines, Math.ceil(value.length / perLine));
  return (
    <TextInput
      mode="outlined"
      label={label}
      accessibilityLabel={label}
      value={value}
      onChangeText={onChange}
      {...(onBlur ? { onBlur } : {})}
      multiline={lines > 1}
      numberOfLines={shown}
      inputMode={kind}
      dense={lines === 1}
      style={{ minHeight: space(14) }}
    />
  );
}
