import { useState } from 'react';
import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { useOwnHolds } from '../../foundation/api/queries';
import { findHold } from '@open-palm/records/holds';
import { Columns } from '../../foundation/kit/Columns';
import { Loaded } from '../../foundation/kit/Loaded';
import { NavBar } from '../../foundation/kit/NavBar';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { ComparedBands } from './compare/ComparedBands';
import { HoldFigure } from './compare/HoldFigure';
import { HoldPicker } from './compare/HoldPicker';
import { HoldTeaching } from './compare/HoldTeaching';
import { Schools } from './compare/Schools';

const words = strings.holdsScreen;

/** The schools, any two side by side: how they look, what they want and what that rests on, and why they differ. */
export function HoldsScreen() {
  const ownHolds = useOwnHolds();
  return (
    <View style={{ flex: 1 }}>
      <Loaded from={ownHolds}>{({ holds }) => <Holds ownHolds={holds} />}</Loaded>
      <NavBar current="holds" />
    </View>
  );
}

function Holds({ ownHolds }: { ownHolds: readonly Hold[] }) {
  const [chosen, setChosen] = useState<[string, string]>(['violin-shallow', 'violin-deep']);
  const holds = chosen.map((id) => findHold(id, ownHolds)) as [Hold, Hold];
  const choose = (side: 0 | 1, id: string) =>
    setChosen(side === 0 ? [id, chosen[1]] : [chosen[0], id]);
  return (
    <Screen columns>
      <Text variant="title">{words.title}</Text>
      <HoldPicker
        question={words.first}
        ownHolds={ownHolds}
        chosen={holds[0].id}
        onChoose={(id) => choose(0, id)}
      />
      <HoldPicker
        question={words.second}
        ownHolds={ownHolds}
        chosen={holds[1].id}
        onChoose={(id) => choose(1, id)}
      />
      <Columns
        picture={
          <>
            <View style={{ flexDirection: 'row', gap: space(3) }}>
              {holds.map((hold, side) => (
                <HoldFigure key={side} hold={hold} />
              ))}
            </View>
            <Schools holds={holds} />
          </>
        }
      >
        <ComparedBands holds={holds} />
        <HoldTeaching holds={holds} />
        <Text variant="small" second>
          {words.standings}
        </Text>
        <Text variant="small" second>
          {strings.cautions.teacher}
        </Text>
      </Columns>
    </Screen>
  );
}
