import { View } from 'react-native';
import type { Hold, HoldSetting } from '@open-palm/core/holds';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.holdsScreen;

/** The questions on which the schools of these holds differ, what they answer, and why. */
export function Schools({ holds }: { holds: readonly Hold[] }) {
  const tokens = useTokens();
  const settings = new Map<string, HoldSetting>();
  for (const hold of holds) for (const setting of hold.settings) settings.set(setting.id, setting);
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="strong" level={2} style={{ fontSize: 18 }}>
        {words.schools}
      </Text>
      <Text variant="small" second>
        {words.schoolsHint}
      </Text>
      {[...settings.values()].map(({ id, options }) => {
        const setting = strings.settings[id];
        return (
          <View
            key={id}
            style={{
              borderTopWidth: 1,
              borderColor: tokens.line,
              paddingTop: space(2),
              gap: space(1),
            }}
          >
            <Text variant="strong">{setting?.question ?? id}</Text>
            <Text variant="small">
              {options.map((option) => setting?.options[option.id] ?? option.id).join(' / ')}
            </Text>
            <Text variant="small" second>
              {setting?.why ?? ''}
            </Text>
          </View>
        );
      })}
    </Card>
  );
}
