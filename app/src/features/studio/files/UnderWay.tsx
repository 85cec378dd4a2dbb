import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import useSWR from 'swr';
import { importProgressSchema } from '@open-palm/contract/exchange/preview';
import { ask } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { studioWords as words } from '../../../foundation/strings/studio';

const ASKED_MS = 400;

/** How far a file is on its way into the studio, and the way to end it. */
export function UnderWay({
  as,
  what,
  onCancel,
}: {
  /** By which the studio knows it. */
  as: string;
  what: 'reading' | 'taking';
  onCancel: () => void;
}) {
  const tokens = useTokens();
  const { data } = useSWR(
    paths.importProgress(as),
    (path: string) => ask(importProgressSchema, path),
    { refreshInterval: ASKED_MS },
  );
  const share = data?.share ?? 0;
  return (
    <Card style={{ gap: space(2) }}>
      <View role="status">
        <Text variant="strong">{words[what]}</Text>
      </View>
      {/* On the web the bar takes all the height that there is. */}
      <View style={{ height: 4 }}>
        <ProgressBar
          progress={share}
          color={tokens.amber}
          accessibilityLabel={words[what]}
          style={{ backgroundColor: tokens.line }}
        />
      </View>
      <Button
        label={words.cancel}
        icon="close"
        compact
        onPress={onCancel}
        style={{ alignSelf: 'flex-start' }}
      />
    </Card>
  );
}
