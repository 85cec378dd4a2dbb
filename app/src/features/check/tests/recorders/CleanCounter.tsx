import { View } from 'react-native';
import { Button } from '../../../../foundation/kit/Button';
import { Text } from '../../../../foundation/kit/Text';
import { useTokens } from '../../../../foundation/kit/ThemeProvider';
import { space } from '../../../../foundation/kit/tokens';
import { strings } from '../../../../foundation/strings';

const words = strings.testing;

/** Tries one after the other, clean or not, until there are so many. */
export function CleanCounter({
  of,
  tries,
  onTries,
}: {
  of: number;
  tries: readonly boolean[];
  onTries: (tries: readonly boolean[]) => void;
}) {
  const tokens = useTokens();
  const isDone = tries.length >= of;
  return (
    <View role="group" aria-label={words.cleanOf(of)} style={{ gap: space(2) }}>
      <Text variant="label" second>
        {words.cleanOf(of)}
      </Text>
      <View style={{ flexDirection: 'row', gap: space(1), justifyContent: 'center' }}>
        {Array.from({ length: of }, (_, i) => (
          <View
            key={i}
            style={{
              width: 28,
              height: 28,
              // Clean is round, not clean is square: never colour alone.
              borderRadius: tries[i] === false ? 4 : 14,
              borderWidth: 2,
              borderStyle: i < tries.length ? 'solid' : 'dotted',
              borderColor: i < tries.length ? (tries[i] ? tokens.in : tokens.out) : tokens.notSeen,
              backgroundColor:
                i < tries.length ? (tries[i] ? tokens.in : tokens.out) : 'transparent',
            }}
          />
        ))}
      </View>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        {isDone ? (
          <Button label={words.again} onPress={() => onTries([])} style={{ flex: 1 }} />
        ) : (
          <>
            <Button
              label={words.notClean}
              onPress={() => onTries([...tries, false])}
              style={{ flex: 1 }}
            />
            <Button
              label={words.clean}
              icon="check"
              onPress={() => onTries([...tries, true])}
              style={{ flex: 1 }}
            />
          </>
        )}
      </View>
    </View>
  );
}
