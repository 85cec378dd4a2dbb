import { View } from 'react-native';
import { Button } from './Button';
import { Text } from './Text';
import { useTokens } from './ThemeProvider';
import { RADIUS, space } from './tokens';

/** Something to know before going on, with what can be done about it. */
export function Notice({
  title,
  children,
  tone = 'amber',
  action,
  further,
}: {
  title?: string;
  children: string;
  tone?: 'amber' | 'in' | 'out';
  action?: { label: string; onPress: () => void };
  /** Another way out of it. */
  further?: { label: string; onPress: () => void };
}) {
  const tokens = useTokens();
  const edge = tone === 'amber' ? tokens.amber : tokens[tone];
  return (
    <View
      role={tone === 'out' ? 'alert' : 'note'}
      style={{
        backgroundColor: tone === 'amber' ? tokens.amberGround : tokens.card,
        borderLeftWidth: 4,
        borderColor: edge,
        borderRadius: RADIUS / 2,
        padding: space(3),
        gap: space(2),
      }}
    >
      <View>
        {title === undefined ? null : (
          <Text variant="label" color={tone === 'amber' ? tokens.amberInk : edge}>
            {title}
          </Text>
        )}
        <Text variant="small">{children}</Text>
      </View>
      {action ? (
        <View style={{ flexDirection: 'row', gap: space(2) }}>
          <Button label={action.label} onPress={action.onPress} compact style={{ flex: 1 }} />
          {further ? (
            <Button label={further.label} onPress={further.onPress} compact style={{ flex: 1 }} />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
