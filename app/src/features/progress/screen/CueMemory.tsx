import { View } from 'react-native';
import type { LogEntryOf } from '@open-palm/contract';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { cueWords } from '../../../assessment/advice/CueTry';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { agoWords } from '../../../foundation/strings/dateWords';
import { progressWords } from '../../../foundation/strings/progress';
import { rememberedCues } from '@open-palm/records/log';

const words = progressWords.cues;

/** Every cue that was said to this student: how often it worked, when last, and what it did to sound and ease. */
export function CueMemory({ log, now }: { log: LessonLog; now: Date }) {
  const cues = rememberedCues(log.entries);
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      {cues.length === 0 ? (
        <Text variant="small" second>
          {words.none}
        </Text>
      ) : null}
      {cues.map(({ cue, worked, lastWorked, notYet, effect }) => (
        <View key={cue}>
          <Text>{`“${cueWords(cue, log.ownCues)}”`}</Text>
          <Text variant="small" second>
            {[
              ...(lastWorked === null ? [] : [words.worked(worked, agoWords(lastWorked, now))]),
              ...(notYet > 0 ? [words.notYet(notYet)] : []),
              ...effectWords(effect),
            ].join(' · ')}
          </Text>
        </View>
      ))}
    </Card>
  );
}

function effectWords(effect: LogEntryOf<'cueWord'> | null): string[] {
  if (!effect) return [];
  const { effects } = strings.cueTry;
  const name = (one: 'better' | 'same' | 'worse' | null) => one && effects[one];
  const said = words.effect(name(effect.sound), name(effect.ease));
  return said === '' ? [] : [said];
}
