import { useState } from 'react';
import { holdById, type Hold } from '@open-palm/core/holds';
import type { MeasureId } from '@open-palm/core/measure';
import { newBands, shippedHold, withNewBands, type NewBand } from '@open-palm/core/holds/archive';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { measureName } from '../../../foundation/strings/measureWords';

const words = strings.editHold.newBands;

/** Copies from before it was noted are of this version. */
const FIRST_NOTED = 2;

/** What a newer version of the shipped hold has to offer to a copy: chosen one by one, what the teacher moved is left alone at first. */
export function NewBandsNotice({ hold, onHold }: { hold: Hold; onHold: (hold: Hold) => void }) {
  const { shipped, offered } = offerTo(hold);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(offered.filter(({ untouched }) => untouched).map(({ measure }) => measure)),
  );
  if (!shipped || offered.length === 0) return null;
  const toggle = (measure: string) => {
    const next = new Set(chosen);
    if (!next.delete(measure)) next.add(measure);
    setChosen(next);
  };
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <Text variant="small">{words.help}</Text>
      <Choices question={words.which}>
        {offered.map(({ measure, untouched }) => (
          <Choice
            key={measure}
            label={
              untouched
                ? measureName(measure as MeasureId)
                : words.moved(measureName(measure as MeasureId))
            }
            role="checkbox"
            chosen={chosen.has(measure)}
            onPress={() => toggle(measure)}
          />
        ))}
      </Choices>
      <Button
        label={words.take(chosen.size)}
        icon="check"
        onPress={() => onHold(withNewBands(hold, shipped, [...chosen]))}
      />
    </Card>
  );
}

/** The shipped hold that a copy was made of, as it ships now, and what of it is new to the copy. */
function offerTo(hold: Hold): { shipped: Hold | null; offered: readonly NewBand[] } {
  if (!hold.own) return { shipped: null, offered: [] };
  const { basedOn, basedOnVersion = FIRST_NOTED } = hold.own;
  const [copiedFrom, shipped] = [shippedHold(basedOn, basedOnVersion), holdById(basedOn)];
  if (!copiedFrom || copiedFrom.version >= shipped.version) return { shipped, offered: [] };
  return { shipped, offered: newBands(hold, copiedFrom, shipped) };
}
