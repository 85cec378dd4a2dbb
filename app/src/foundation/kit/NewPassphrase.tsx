import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { PASSPHRASE_LEAST } from '@open-palm/contract/access';
import { doorWords as words } from '../strings/door';
import { PassphraseField } from './PassphraseField';
import { Text } from './Text';
import { useTokens } from './ThemeProvider';
import { space } from './tokens';

/** What the studio asks of a passphrase: a length, and nothing else. */
export const isLongEnough = (passphrase: string): boolean =>
  [...passphrase].length >= PASSPHRASE_LEAST;

/** How many steps the estimator has. */
const STEPS = 4;

/** A passphrase that is chosen, with how hard it would be to guess. */
export function NewPassphrase({
  value,
  onChange,
  label,
}: {
  value: string;
  onChange: (value: string) => void;
  label?: string;
}) {
  const tokens = useTokens();
  const strength = useStrength(value);
  const colour = strength <= 1 ? tokens.out : strength === 2 ? tokens.unsure : tokens.in;
  return (
    <View style={{ gap: space(2) }}>
      <PassphraseField
        value={value}
        onChange={onChange}
        isNew
        {...(label === undefined ? {} : { label })}
      />
      {value === '' ? null : (
        <View
          role="meter"
          aria-label={words.strength}
          aria-valuenow={strength}
          aria-valuemin={0}
          aria-valuemax={STEPS}
          aria-valuetext={words.strengths[strength]}
          style={{ gap: space(1) }}
        >
          <View style={{ flexDirection: 'row', gap: space(1) }}>
            {Array.from({ length: STEPS }, (_, i) => (
              <View
                key={i}
                style={{
                  flex: 1,
                  height: 6,
                  borderRadius: 3,
                  backgroundColor: i < Math.max(1, strength) ? colour : tokens.line,
                }}
              />
            ))}
          </View>
          <Text variant="small" color={colour}>
            {isLongEnough(value) ? words.strengths[strength]! : words.tooShort(PASSPHRASE_LEAST)}
          </Text>
        </View>
      )}
      <Text variant="small" second>
        {words.passphraseHelp}
      </Text>
    </View>
  );
}

/** How hard a passphrase is to guess, from 0 to 4; its estimator comes when somebody types. */
function useStrength(passphrase: string): number {
  const [told, setTold] = useState({ passphrase: '', strength: 0 });
  useEffect(() => {
    if (passphrase === '') return;
    let left = false;
    void import('./passphraseStrength').then(
      ({ passphraseStrength }) =>
        !left && setTold({ passphrase, strength: passphraseStrength(passphrase) }),
      // Without its lists nothing is told of its strength.
      () => undefined,
    );
    return () => {
      left = true;
    };
  }, [passphrase]);
  return told.strength;
}
