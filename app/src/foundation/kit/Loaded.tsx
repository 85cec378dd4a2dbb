import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ActivityIndicator } from 'react-native-paper';
import { View } from 'react-native';
import { strings } from '../strings';
import { Notice } from './Notice';
import { Screen } from './Screen';
import { space } from './tokens';

interface Loading<T> {
  data: T | undefined;
  error: Error | undefined;
  retry: () => void;
}

/** Shows what was loaded, or that it is being loaded, or why it could not be: what is known is never hidden. */
export function Loaded<T>({
  from,
  meanwhile,
  children,
}: {
  from: Loading<T>;
  /** What is known without it, shown while it is missing. */
  meanwhile?: ReactNode;
  children: (data: T) => ReactNode;
}) {
  if (from.data !== undefined) return children(from.data);
  return (
    <Screen>
      {meanwhile}
      {from.error ? (
        <Notice
          tone="out"
          title={strings.loading.failed}
          action={{ label: strings.loading.retry, onPress: from.retry }}
          further={{ label: strings.nav.back, onPress: goBack }}
        >
          {from.error.message}
        </Notice>
      ) : (
        <View style={{ padding: space(10) }}>
          <ActivityIndicator accessibilityLabel={strings.loading.busy} />
        </View>
      )}
    </Screen>
  );
}

/** What could not be loaded has no heading to go back by. */
const goBack = () => (router.canGoBack() ? router.back() : router.replace('/'));
