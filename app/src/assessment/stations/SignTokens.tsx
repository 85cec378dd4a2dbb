import { View } from 'react-native';
import { Icon } from 'react-native-paper';
import type { SeenSigns } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { SignFigure } from '../../drawing/signs/SignFigure';
import type { StationFacts } from './stationFacts';
import { Token } from './Token';

/** What only a person sees or feels, as drawn tokens: a tap says that it is there, another takes that back. */
export function SignTokens({
  signs,
  hold,
  hand,
  seen,
  onMark,
}: {
  signs: readonly string[];
  hold: Hold;
  hand: Pick<StationFacts, 'side' | 'skinTone'>;
  seen: SeenSigns;
  /** Null takes the mark back. */
  onMark: (sign: string, present: boolean | null) => void;
}) {
  const tokens = useTokens();
  return (
    <>
      {signs.map((sign) => {
        const name = capital(strings.signs[sign] ?? sign);
        const isThere = seen[sign] === true;
        return (
          <Token
            key={sign}
            role="checkbox"
            aria-checked={isThere}
            aria-label={name}
            onPress={() => onMark(sign, isThere ? null : true)}
            isThere={isThere}
          >
            <View style={{ width: 60 }}>
              <SignFigure sign={sign} hold={hold} {...hand} />
            </View>
            <Text variant={isThere ? 'strong' : 'body'} style={{ flex: 1 }}>
              {name}
            </Text>
            {isThere ? <Icon source="check" size={18} color={tokens.out} /> : null}
            {seen[sign] === false ? (
              <Icon source="minus" size={18} color={tokens.inkSecond} />
            ) : null}
          </Token>
        );
      })}
    </>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
