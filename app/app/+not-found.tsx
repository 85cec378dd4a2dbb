import { router } from 'expo-router';
import { Button } from '../src/foundation/kit/Button';
import { Screen } from '../src/foundation/kit/Screen';
import { Text } from '../src/foundation/kit/Text';
import { strings } from '../src/foundation/strings';

export default function NotFound() {
  return (
    <Screen
      footer={<Button label={strings.notFound.home} primary onPress={() => router.replace('/')} />}
    >
      <Text variant="title">{strings.notFound.title}</Text>
      <Text>{strings.notFound.text}</Text>
    </Screen>
  );
}
