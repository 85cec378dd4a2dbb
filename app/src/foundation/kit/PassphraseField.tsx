import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { doorWords as words } from '../strings/door';
import { space } from './tokens';

/** A line for a passphrase, which can be shown. */
export function PassphraseField({
  value,
  onChange,
  onDone,
  label = words.passphrase,
  isNew = false,
}: {
  value: string;
  onChange: (value: string) => void;
  /** The enter key. */
  onDone?: () => void;
  label?: string;
  /** Whether it is being chosen, and not typed again. */
  isNew?: boolean;
}) {
  const [shown, setShown] = useState(false);
  return (
    <TextInput
      mode="outlined"
      label={label}
      accessibilityLabel={label}
      value={value}
      onChangeText={onChange}
      secureTextEntry={!shown}
      autoCapitalize="none"
      autoCorrect={false}
      autoComplete={isNew ? 'new-password' : 'current-password'}
      {...(onDone ? { onSubmitEditing: onDone } : {})}
      right={
        <TextInput.Icon
          icon={shown ? 'eye-off-outline' : 'eye-outline'}
          accessibilityLabel={shown ? words.hide : words.show}
          onPress={() => setShown(!shown)}
        />
      }
      style={{ minHeight: space(14) }}
    />
  );
}
