import { useState } from 'react';
import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { useOwnHolds } from '../../api/queries';
import { findHold } from '../../holdBook/holdBook';
import { Columns } from '../../kit/Columns';
import { Loaded } from '../../kit/Loaded';
import { NavBar } from '../../kit/NavBar';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';
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
