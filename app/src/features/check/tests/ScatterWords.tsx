import { View } from 'react-native';
import { reFormScatter, type Placement } from '@open-palm/core/practice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.testing;

/** How much a freshly formed hold differs from time to time. */
export function ScatterWords({ placements }: { placements: readonly Placement[] }) {
  const scatter = reFormScatter(placements);
  if (!scatter) return null;
  const { gap12, gap23, gap34 } = scatter.gapSdMm;
  const mm = (value: number) => value.toFixed(1);
  return (
    <View style={{ gap: space(1) }}>
      <Text variant="label" second>
        {words.scatter}
      </Text>
      <Text variant="figure">{words.thumbScatter(mm(scatter.thumbSdMm))}</Text>
      <Text variant="figure">{words.gapScatter([gap12, gap23, gap34].map(mm).join(' · '))}</Text>
      <Text>{words.meanSeconds(mm(scatter.meanSeconds))}</Text>
    </View>
  );
}
