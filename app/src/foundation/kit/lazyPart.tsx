import { useEffect, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { strings } from '../strings';
import { Button } from './Button';
import { Text } from './Text';
import { space } from './tokens';

let onMissing: () => void = () => undefined;

/** Whoever is to know that a part of the program did not come: it may be of an app that was renewed since. */
export function whenPartIsMissing(call: () => void): void {
  onMissing = call;
}

/**
 * A part of a screen whose program comes when it is first shown. Once here it stays; without a network it may not be there,
 * and that is told.
 *
 * @param load brings the component
 * @param room how much room it takes, so that what is below does not jump
 */
export function lazyPart<Props extends object>(
  load: () => Promise<(props: Props) => ReactNode>,
  room: (props: Props) => { aspectRatio: number } | { minHeight: number },
): (props: Props) => ReactNode {
  let here: ((props: Props) => ReactNode) | null = null;
  return function LazyPart(props: Props) {
    const [state, setState] = useState<'here' | 'loading' | 'failed'>(here ? 'here' : 'loading');
    useEffect(() => {
      if (state !== 'loading') return;
      let left = false;
      load().then(
        (loaded) => {
          here = loaded;
          if (!left) setState('here');
        },
        () => {
          onMissing();
          if (!left) setState('failed');
        },
      );
      return () => {
        left = true;
      };
    }, [state]);
    const Part = here;
    if (state === 'here' && Part) return <Part {...props} />;
    return (
      <View style={{ width: '100%', ...room(props), justifyContent: 'center', gap: space(2) }}>
        {state === 'failed' ? (
          <>
            <Text variant="small">{strings.charts.failed}</Text>
            <Button label={strings.loading.retry} onPress={() => setState('loading')} />
          </>
        ) : null}
      </View>
    );
  };
}
