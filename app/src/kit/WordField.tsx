import { TextInput } from 'react-native-paper';
import { space } from './tokens';

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
  /** How many lines it shows. */
  lines?: number;
  kind?: 'text' | 'email';
}) {
  return (
    <TextInput
      mode="outlined"
      label={label}
      accessibilityLabel={label}
      value={value}
      onChangeText={onChange}
      {...(onBlur ? { onBlur } : {})}
      multiline={lines > 1}
      numberOfLines={lines}
      inputMode={kind}
      dense={lines === 1}
      style={{ minHeight: space(14) }}
    />
  );
}
