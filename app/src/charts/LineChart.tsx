import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../kit/Button';
import { Text } from '../kit/Text';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import { CHART_WIDTH } from './chartBox';
import { CHART_HEIGHT, type LineChartProps } from './lineChartProps';

/** Scales and shapes come when a chart is shown: the first screen has none. Once here, they stay. */
let drawing: ((props: LineChartProps) => React.ReactNode) | null = null;

const load = async (): Promise<void> => {
  drawing = (await import('./LineChartSvg')).LineChartSvg;
};

/** Lines over a common axis, drawn in a box as wide as there is room. Without a network they may not be there: that is told. */
export function LineChart(props: LineChartProps) {
  const [state, setState] = useState<'here' | 'loading' | 'failed'>(drawing ? 'here' : 'loading');
  useEffect(() => {
    if (state !== 'loading') return;
    let left = false;
    load().then(
      () => !left && setState('here'),
      () => !left && setState('failed'),
    );
    return () => {
      left = true;
    };
  }, [state]);
  const Drawing = drawing;
  if (state === 'here' && Drawing) return <Drawing {...props} />;
  return (
    <View
      style={{
        width: '100%',
        aspectRatio: CHART_WIDTH / (props.height ?? CHART_HEIGHT),
        justifyContent: 'center',
        gap: space(2),
      }}
    >
      {state === 'failed' ? (
        <>
          <Text variant="small">{strings.charts.failed}</Text>
          <Button label={strings.loading.retry} onPress={() => setState('loading')} />
        </>
      ) : null}
    </View>
  );
}
