import { router } from 'expo-router';
import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import { fullHoldName } from '../../../foundation/strings/holdWords';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { strings } from '../../../foundation/strings';

const words = strings.holdsScreen;
/** All of it is where the hold wants it. */
const NONE = [] as const;

/** A hold as it is wanted, drawn, with why it is held so; and the way to an own copy of it. */
export function HoldFigure({ hold }: { hold: Hold }) {
  const name = fullHoldName(hold);
  const label = hold.own ? words.change : words.copy;
  return (
    <Card style={{ flex: 1, padding: 0, overflow: 'hidden' }}>
      <GripPortrait
        isCompact
        label={words.portrait(name)}
        numbers={{
          hold,
          side: 'right',
          skinTone: 'clay',
          verdicts: {},
          measures: {},
          unseen: NONE,
          contacts: NOTHING_MEASURED.contacts,
        }}
      />
      <View style={{ padding: space(3), gap: space(2), flex: 1 }}>
        <Text variant="strong">{name}</Text>
        <Text variant="small" second style={{ flex: 1 }}>
          {hold.own ? words.version(hold.version) : (strings.about[hold.id] ?? '')}
        </Text>
        <Button
          label={label}
          accessibilityLabel={`${label}: ${name}`}
          onPress={() => router.navigate(`/holds/edit?hold=${hold.id}`)}
        />
      </View>
    </Card>
  );
}
