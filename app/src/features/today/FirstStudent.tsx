import { router } from 'expo-router';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

const words = strings.today;

/** A new studio: how its first students come in. */
export function FirstStudent() {
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="heading">{words.emptyTitle}</Text>
      <Text>{words.noStudents}</Text>
      <Button
        label={words.addFirst}
        icon="plus"
        primary
        onPress={() => router.navigate('/students/new')}
      />
      <Button
        label={words.importList}
        icon="file-arrow-left-right-outline"
        onPress={() => router.navigate('/studio/files')}
      />
    </Card>
  );
}
