import { View } from 'react-native';
import type { Hold, Evidence } from '@open-palm/core/holds';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { bandText } from '../../../foundation/strings/measureWords';
import { compareHolds, type ComparedMeasure, type Wanted } from './compareHolds';

const words = strings.holdsScreen;

/** What each hold wants, family by family, side by side. */
export function ComparedBands({ holds }: { holds: readonly Hold[] }) {
  return (
    <>
      <Text variant="heading">{words.bands}</Text>
      {compareHolds(holds).map(({ family, measures }) => (
        <Card key={family} style={{ gap: space(3) }}>
          <Text variant="strong" level={3} style={{ fontSize: 18 }}>
            {strings.families[family]}
          </Text>
          {measures.map((measure) => (
            <ComparedRow key={measure.id} measure={measure} />
          ))}
        </Card>
      ))}
    </>
  );
}

function ComparedRow({ measure }: { measure: ComparedMeasure }) {
  const tokens = useTokens();
  return (
    <View style={{ borderTopWidth: 1, borderColor: tokens.line, paddingTop: space(2) }}>
      <Text variant="small">
        {measure.differs
          ? `${strings.measures[measure.id]} · ${words.differs}`
          : strings.measures[measure.id]}
      </Text>
      <View style={{ flexDirection: 'row', gap: space(3) }}>
        {measure.wanted.map((wanted, side) => (
          <View key={side} style={{ flex: 1 }}>
            <Text variant="figure">
              {wanted === null ? words.noBand : bandText(measure.id, wanted.band, measure.unit)}
            </Text>
            <Text variant="small" second>
              {wanted === null ? '' : standingText(wanted)}
            </Text>
          </View>
        ))}
      </View>
    </View>
  );
}

function standingText({ standing, differsAlongBow }: Wanted): string {
  const rests = restsOn(standing);
  return differsAlongBow ? `${rests} · ${words.alongBow}` : rests;
}

const restsOn = (standing: Evidence) =>
  typeof standing === 'string' ? words.standing[standing] : standing.published;
