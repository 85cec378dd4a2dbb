import { useState } from 'react';
import { View } from 'react-native';
import type { View as PictureView } from '@open-palm/core/measure';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { CardFigure } from './CardFigure';
import type { CardName } from './seenCards';

const words = strings.takingIt;

/** How a view's picture is taken, a drawn card at a time. */
export function TakingCards({
  cards,
  view,
  hand,
  onDone,
}: {
  cards: readonly CardName[];
  view: PictureView;
  hand: WantedHand;
  onDone: () => void;
}) {
  const [at, setAt] = useState(0);
  const card = cards[at]!;
  const isLast = at === cards.length - 1;
  return (
    <Screen
      footer={
        <>
          {isLast ? null : <Button label={words.done} onPress={onDone} style={{ flex: 1 }} />}
          <Button
            label={isLast ? words.done : words.next}
            primary
            onPress={() => (isLast ? onDone() : setAt(at + 1))}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={
          cards.length > 1
            ? `${strings.views[view]} · ${words.step(at + 1, cards.length)}`
            : strings.views[view]
        }
        backLabel={strings.nav.back}
        onBack={() => (at === 0 ? onDone() : setAt(at - 1))}
      />
      <Card style={{ gap: space(4), paddingVertical: space(5) }}>
        <View style={{ alignItems: 'center' }}>
          <CardFigure card={card} view={view} hand={hand} />
        </View>
        <Text variant="title" level={2}>
          {words.cards[card]}
        </Text>
        {linesOf(card, view).map((line) => (
          <Text key={line}>{line}</Text>
        ))}
      </Card>
    </Screen>
  );
}

function linesOf(card: CardName, view: PictureView): readonly string[] {
  switch (card) {
    case 'distance':
      return [words.distance[view]];
    case 'angle':
      return [strings.viewHints[view], words.level];
    case 'light':
      return [words.light, words.apart];
  }
}
