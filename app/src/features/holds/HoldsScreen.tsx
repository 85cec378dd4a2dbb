import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { HOLD_IDS, holdById, type Hold, type Standing } from '@open-palm/core/holds';
import { Card } from '../../kit/Card';
import { Choice } from '../../kit/Choice';
import { Columns } from '../../kit/Columns';
import { NavBar } from '../../kit/NavBar';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { useTokens } from '../../kit/ThemeProvider';
import { space } from '../../kit/tokens';
import { GripPortrait } from '../../portrait/GripPortrait';
import { strings } from '../../strings';
import { bandText } from '../../strings/measureWords';
import { compareHolds, type ComparedMeasure, type Wanted } from './compareHolds';
import { wantedGrip } from './wantedGrip';

const words = strings.holdsScreen;

/** The schools, any two side by side: how they look, what they want, and what that rests on. */
export function HoldsScreen() {
  const [chosen, setChosen] = useState<[string, string]>(['violin-shallow', 'violin-deep']);
  const holds = chosen.map(holdById);
  const choose = (side: 0 | 1, id: string) =>
    setChosen(side === 0 ? [id, chosen[1]] : [chosen[0], id]);
  return (
    <View style={{ flex: 1 }}>
      <Screen columns>
        <Text variant="title">{words.title}</Text>
        <Picker question={words.first} chosen={chosen[0]} onChoose={(id) => choose(0, id)} />
        <Picker question={words.second} chosen={chosen[1]} onChoose={(id) => choose(1, id)} />
        <Columns
          picture={
            <View style={{ flexDirection: 'row', gap: space(3) }}>
              {holds.map((hold, side) => (
                <HoldFigure key={side} hold={hold} />
              ))}
            </View>
          }
        >
          {compareHolds(holds).map(({ family, measures }) => (
            <Card key={family} style={{ gap: space(3) }}>
              <Text variant="strong" level={2} style={{ fontSize: 18 }}>
                {strings.families[family]}
              </Text>
              {measures.map((measure) => (
                <ComparedRow key={measure.id} measure={measure} />
              ))}
            </Card>
          ))}
          <Text variant="small" second>
            {words.standings}
          </Text>
          <Text variant="small" second>
            {strings.cautions.teacher}
          </Text>
        </Columns>
      </Screen>
      <NavBar current="holds" />
    </View>
  );
}

const nameOf = (id: string) => {
  const [instrument] = holdById(id).instruments;
  return `${strings.instruments[instrument!]}: ${strings.holds[id] ?? id}`;
};

function Picker({
  question,
  chosen,
  onChoose,
}: {
  question: string;
  chosen: string;
  onChoose: (id: string) => void;
}) {
  return (
    <View role="radiogroup" aria-label={question} style={{ gap: space(1) }}>
      <Text variant="label" second>
        {question}
      </Text>
      <ScrollView
        horizontal
        showsHorizontalScrollIndicator={false}
        contentContainerStyle={{ gap: space(2) }}
      >
        {HOLD_IDS.map((id) => (
          <Choice key={id} label={nameOf(id)} chosen={id === chosen} onPress={() => onChoose(id)} />
        ))}
      </ScrollView>
    </View>
  );
}

function HoldFigure({ hold }: { hold: Hold }) {
  return (
    <Card style={{ flex: 1, padding: 0, overflow: 'hidden' }}>
      <GripPortrait
        label={words.portrait(nameOf(hold.id))}
        numbers={{ hold, side: 'right', skinTone: 'clay', verdicts: {}, ...wantedGrip(hold) }}
      />
      <View style={{ padding: space(3), gap: space(1) }}>
        <Text variant="strong">{nameOf(hold.id)}</Text>
        <Text variant="small" second>
          {words.about[hold.id] ?? ''}
        </Text>
      </View>
    </Card>
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
              {wanted === null ? words.noBand : bandText(wanted.band, measure.unit)}
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

const restsOn = (standing: Standing) =>
  typeof standing === 'string' ? words.standing[standing] : standing.published;
