import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../foundation/kit/Button';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { space } from '../../../foundation/kit/tokens';
import { progressWords } from '../../../foundation/strings/progress';
import type { Filter } from '../followed';

const words = progressWords.filter;

const CONTEXTS = ['all', 'air', 'string', 'playing'] as const;
const PLACES = ['all', 'heel', 'middle', 'point'] as const;

/** Which looks are shown: by how the bow was held, and where in it. */
export function LookFilter({
  filter,
  onFilter,
}: {
  filter: Filter;
  onFilter: (filter: Filter) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const said = [
    ...(filter.context === 'all' ? [] : [words.contexts[filter.context]]),
    ...(filter.place === 'all' ? [] : [words.places[filter.place]]),
  ];
  return (
    <View style={{ gap: space(2) }}>
      <Button
        label={words.which(said)}
        icon={isOpen ? 'chevron-up' : 'filter-variant'}
        onPress={() => setOpen(!isOpen)}
        style={{ alignSelf: 'flex-start' }}
      />
      {isOpen ? (
        <>
          <Choices question={words.context}>
            {CONTEXTS.map((context) => (
              <Choice
                key={context}
                label={words.contexts[context]}
                accessibilityLabel={`${words.context}: ${words.contexts[context]}`}
                chosen={filter.context === context}
                onPress={() => onFilter({ ...filter, context })}
              />
            ))}
          </Choices>
          <Choices question={words.place}>
            {PLACES.map((place) => (
              <Choice
                key={place}
                label={words.places[place]}
                accessibilityLabel={`${words.place}: ${words.places[place]}`}
                chosen={filter.place === place}
                onPress={() => onFilter({ ...filter, place })}
              />
            ))}
          </Choices>
        </>
      ) : null}
    </View>
  );
}
