import { View } from 'react-native';
import { Button } from '../kit/Button';
import { Text } from '../kit/Text';
import { space } from '../kit/tokens';
import { strings } from '../strings';

/** The head of a card that shows a picture or its table: its title, and the way to the other. */
export function ShowAsToggle({
  title,
  asTable,
  onChange,
}: {
  title: string;
  asTable: boolean;
  onChange: (asTable: boolean) => void;
}) {
  const label = asTable ? strings.charts.asPicture : strings.charts.asTable;
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: space(2),
        marginVertical: -space(2),
      }}
    >
      <Text variant="strong" level={2} style={{ flex: 1 }}>
        {title}
      </Text>
      <Button
        label={label}
        accessibilityLabel={`${label}: ${title}`}
        quiet
        compact
        onPress={() => onChange(!asTable)}
        style={{ marginRight: -space(2) }}
      />
    </View>
  );
}
