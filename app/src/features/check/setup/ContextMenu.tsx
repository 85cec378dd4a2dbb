import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { LOOK_CONTEXTS, type Context } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.stations;

/** How the bow is held, to be changed in one touch, and beside it what else can be done. */
export function ContextMenu({
  context,
  onContext,
  children,
}: {
  context: Context;
  onContext: (context: Context) => void;
  children: ReactNode;
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
        {children}
      </View>
      {isOpen ? (
        <Choices question={strings.check.context}>
          {LOOK_CONTEXTS.map((option) => (
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
