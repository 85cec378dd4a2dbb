import { useMemo } from 'react';
import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { offersOf, phasesOf, type PlanFacts } from '@open-palm/core/practice/plan';
import { DrillPicture } from '../../../drawing/drills/DrillPicture';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { PressRow } from '../../../foundation/kit/PressRow';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** What else could be planned, the most useful first; one tap takes it. */
export function AddDrill({
  facts,
  planned,
  hold,
  side,
  skinTone,
  onTake,
  onClose,
}: Pick<WantedHand, 'side' | 'skinTone'> & {
  facts: PlanFacts;
  planned: readonly string[];
  hold: Hold;
  onTake: (drill: string) => void;
  onClose: () => void;
}) {
  const offers = useMemo(
    () =>
      offersOf({ ...facts, dropped: [] })
        .filter(({ drill }) => !planned.includes(drill.id))
        // What has to come after another drill needs days before it.
        .filter(({ after }) => after === null || phasesOf(facts.days).length > 1)
        .sort((a, b) => b.benefit - a.benefit),
    [facts, planned],
  );
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.add}
      </Text>
      <Text variant="small" second>
        {offers.length === 0 ? words.nothingToAdd : words.addHelp}
      </Text>
      {offers.map(({ drill: { id }, turnsADay, minutesATurn }) => {
        const name = strings.drills[id] ?? id;
        return (
          <PressRow key={id} acts label={name} onPress={() => onTake(id)}>
            <View style={{ width: 64, borderRadius: 10, overflow: 'hidden' }}>
              <DrillPicture drill={id} hold={hold} side={side} skinTone={skinTone} />
            </View>
            <View style={{ flex: 1 }}>
              <Text variant="strong">{name}</Text>
              <Text variant="small" second>
                {minutesATurn === 0 ? words.within : words.dose(turnsADay, minutesATurn)}
              </Text>
            </View>
          </PressRow>
        );
      })}
      <Button label={words.close} onPress={onClose} />
    </Card>
  );
}
