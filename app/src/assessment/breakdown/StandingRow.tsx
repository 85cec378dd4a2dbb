import { View } from 'react-native';
import { FAMILIES, type Family, type Standing } from '@open-palm/core/measure';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

/** The four families of a hold in one line: shape and name. */
export function StandingRow({ standings }: { standings: Record<Family, Standing> }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: space(3), rowGap: space(1) }}>
      {FAMILIES.map((family) => (
        <View
          key={family}
          role="img"
          aria-label={`${strings.families[family]}: ${strings.standings[standings[family]]}`}
          style={{ flexDirection: 'row', alignItems: 'center', gap: space(1) }}
        >
          <StateMark state={standings[family]} size={14} />
          <Text variant="label" second>
            {strings.families[family]}
          </Text>
        </View>
      ))}
    </View>
  );
}
