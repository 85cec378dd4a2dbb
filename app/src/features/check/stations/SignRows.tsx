import { View } from 'react-native';
import type { SeenSigns } from '@open-palm/contract';
import { Choice } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.relaxation;

/** Signs that only a person sees: yes, no, or not said. */
export function SignRows({
  signs,
  seen,
  onMark,
}: {
  signs: readonly string[];
  seen: SeenSigns;
  /** Null takes the mark back. */
  onMark: (sign: string, present: boolean | null) => void;
}) {
  const tokens = useTokens();
  return (
    <View style={{ gap: space(1) }}>
      {signs.map((sign) => {
        const name = strings.signs[sign] ?? sign;
        return (
          <View
            key={sign}
            role="group"
            aria-label={name}
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              gap: space(2),
              borderBottomWidth: 1,
              borderColor: tokens.line,
              paddingVertical: space(1),
            }}
          >
            <Text style={{ flex: 1 }}>{capital(name)}</Text>
            {([false, true] as const).map((present) => (
              <Choice
                key={String(present)}
                label={present ? words.is : words.isNot}
                accessibilityLabel={words.answer(name, present ? words.is : words.isNot)}
                chosen={seen[sign] === present}
                onPress={() => onMark(sign, seen[sign] === present ? null : present)}
              />
            ))}
          </View>
        );
      })}
    </View>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
