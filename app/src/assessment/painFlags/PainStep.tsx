import { openPainFlags } from '@open-palm/records/log';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';

const words = strings.painFlags;

/** What comes before everything else once it hurts: the caution, and what is stopped. */
export function PainStep({ log, onDone }: { log: LessonLog; onDone: () => void }) {
  const [hurting] = openPainFlags(log.entries);
  return (
    <Screen
      footer={
        <>
          <Button
            label={words.back}
            onPress={() => {
              if (hurting) void log.add({ kind: 'cleared', hurt: hurting.id });
              onDone();
            }}
            compact
            style={{ flex: 1 }}
          />
          <Button label={strings.ready.done} primary onPress={onDone} style={{ flex: 1 }} />
        </>
      }
    >
      <BackHeader
        title={hurting ? words.notes[hurting.what] : words.title}
        backLabel={strings.nav.back}
        onBack={onDone}
      />
      <Notice tone="out">{strings.cautions.pain}</Notice>
      <Text>{words.stop}</Text>
    </Screen>
  );
}
