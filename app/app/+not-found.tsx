import { router } from 'expo-router';
import { Button } from '../src/kit/Button';
import { Screen } from '../src/kit/Screen';
import { Text } from '../src/kit/Text';
import { strings } from '../src/strings';

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
