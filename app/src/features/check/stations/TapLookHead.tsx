import { useState } from 'react';
import { View } from 'react-native';
import { CONTEXTS, type Context } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.stations;

/** Above the first station: how the bow is held, which a look without a camera takes from the one before, and the way to all the rest. */
export function TapLookHead({
  context,
  onContext,
  onSetup,
}: {
  context: Context;
  onContext: (context: Context) => void;
  onSetup: () => void;
}) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <View style={{ gap: space(2) }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        <Button
          label={strings.contexts[context]}
          accessibilityLabel={words.contextIs(strings.contexts[context])}
          icon={isOpen ? 'chevron-up' : 'chevron-down'}
          compact
          onPress={() => setIsOpen(!isOpen)}
        />
        <Button label={words.setup} icon="camera-outline" compact onPress={onSetup} />
      </View>
      {isOpen ? (
        <Choices question={strings.check.context}>
          {CONTEXTS.map((option) => (
            <Choice
              key={option}
              label={strings.contexts[option]}
              chosen={option === context}
              onPress={() => {
                onContext(option);
                setIsOpen(false);
              }}
            />
          ))}
        </Choices>
      ) : null}
    </View>
  );
}
