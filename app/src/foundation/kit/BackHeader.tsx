import { router, type Href } from 'expo-router';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { Text } from './Text';
import { space } from './tokens';
import { useStacked } from './useStacked';

/** The head of a screen that one goes back from. */
export function BackHeader({
  title,
  under,
  backLabel,
  onBack,
}: {
  title: string;
  /** A quiet line below the title. */
  under?: string;
  backLabel: string;
  /** Where back leads: a step of the same screen, or the address above it. */
  onBack: (() => void) | Href;
}) {
  const back = () => {
    if (typeof onBack === 'function') onBack();
    else router.dismissTo(onBack);
  };
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: space(1) }}>
      <IconButton
        icon="arrow-left"
        accessibilityLabel={backLabel}
        onPress={back}
        size={24}
        style={{ margin: 0, marginLeft: -space(3), width: 48, height: 48 }}
      />
      <View style={{ flex: 1, paddingTop: space(1) }}>
        <Text variant={useStacked() ? 'heading' : 'title'}>{title}</Text>
        {under === undefined ? null : (
          <Text variant="small" second>
            {under}
          </Text>
        )}
      </View>
    </View>
  );
}
