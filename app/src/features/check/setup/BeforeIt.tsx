import { View } from 'react-native';
import { READINESS } from '@open-palm/core/practice';
import { Button } from '../../../foundation/kit/Button';
import { Choice } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { listWords } from '../../../foundation/strings/listWords';
import type { StepProps } from '../steps/stepProps';

/** What comes before a look: whether it is only watched, and whether bow and student are ready. */
export function BeforeIt({
  watching,
  readiness,
  send,
}: Pick<StepProps, 'send'> &
  Pick<StepProps['draft'], 'watching'> &
  Pick<StepProps['draft']['state'], 'readiness'>) {
  const notReady = readiness.filter(({ item, state }) => state !== READINESS[item][0]);
  return (
    <>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Choice
          role="checkbox"
          label={strings.watching.mode}
          chosen={watching}
          onPress={() => send({ type: 'watch', watching: !watching })}
          grow
        />
        <Button
          label={strings.ready.open}
          icon={readiness.length > 0 ? 'check' : 'clipboard-check-outline'}
          onPress={() => send({ type: 'askReady' })}
          compact
        />
      </View>
      {notReady.length > 0 ? (
        <Text variant="small">
          {strings.ready.left(listWords(notReady.map(({ item }) => strings.ready.items[item])))}
        </Text>
      ) : null}
    </>
  );
}
