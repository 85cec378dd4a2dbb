import { useState } from 'react';
import { View } from 'react-native';
import {
  FAMILIES,
  familyStandings,
  type MergedMeasure,
  type NotMeasured,
  type View as PictureView,
} from '@open-palm/core/measure';
import { Button } from '../../foundation/kit/Button';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { FamilyCard } from './FamilyCard';

/** The breakdown of a hold in four families; every number is one tap away. */
export function Breakdown({
  measures,
  notMeasured,
  views,
}: {
  measures: readonly MergedMeasure[];
  notMeasured: readonly NotMeasured[];
  /** The views of the check's pictures, by which sources are named. */
  views: readonly PictureView[];
}) {
  const [whole, setWhole] = useState(false);
  const standings = familyStandings(measures.map(({ measure }) => measure));
  return (
    <View style={{ gap: space(3) }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(3) }}>
        {FAMILIES.map((family) => (
          <FamilyCard
            key={family}
            family={family}
            standing={standings[family]}
            measures={measures.filter(({ measure }) => measure.family === family)}
            notMeasured={notMeasured.filter((outcome) => outcome.family === family)}
            views={views}
            whole={whole}
          />
        ))}
      </View>
      <Button
        label={whole ? strings.result.less : strings.result.more}
        icon={whole ? 'chevron-up' : 'chevron-down'}
        onPress={() => setWhole(!whole)}
      />
    </View>
  );
}
