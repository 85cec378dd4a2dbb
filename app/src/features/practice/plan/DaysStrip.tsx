import { format } from 'date-fns/format';
import { Pressable, View } from 'react-native';
import { Icon } from 'react-native-paper';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** The days of a plan: a tap says whether the instrument is at hand, or only the bow. */
export function DaysStrip({
  days,
  without,
  rests,
  onToggle,
}: {
  /** As 2026-11-26. */
  days: readonly string[];
  without: readonly string[];
  rests: readonly string[];
  onToggle: (day: string) => void;
}) {
  const tokens = useTokens();
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="label" second>
        {words.days}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(1.5) }}>
        {days.map((on) => {
          const at = new Date(`${on}T12:00:00`);
          const isBare = without.includes(on);
          const name = format(at, 'EEEE d');
          return (
            <Pressable
              key={on}
              role="checkbox"
              aria-checked={!isBare}
              aria-label={isBare ? words.bowOnly(name) : words.withInstrument(name)}
              onPress={() => onToggle(on)}
              style={{
                width: 48,
                minHeight: 64,
                alignItems: 'center',
                justifyContent: 'center',
                gap: 2,
                borderRadius: 14,
                borderWidth: 1,
                borderColor: isBare ? tokens.line : tokens.ink,
                backgroundColor: rests.includes(on) ? tokens.ground : tokens.card,
              }}
            >
              <Text variant="label" second>
                {format(at, 'EEEEEE')}
              </Text>
              <Icon
                source={rests.includes(on) ? 'sleep' : isBare ? 'minus' : 'violin'}
                size={20}
                color={isBare ? tokens.inkSecond : tokens.ink}
              />
              <Text variant="label">{format(at, 'd')}</Text>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
