import { router } from 'expo-router';
import { strings } from '../strings';
import { Button } from './Button';
import { Screen } from './Screen';
import { Text } from './Text';

/** An address that leads nowhere, or to what this studio does not have. */
export const NothingHere = () => (
  <Screen
    footer={
      <Button
        label={strings.notFound.home}
        primary
        onPress={() => router.replace('/')}
        style={{ flex: 1 }}
      />
    }
  >
    <Text variant="title">{strings.notFound.title}</Text>
    <Text>{strings.notFound.text}</Text>
  </Screen>
);
