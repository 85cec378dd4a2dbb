import { View } from 'react-native';
import type { LogEntryOf, Student } from '@open-palm/contract';
import { CAUSES, drillsOf, type Cause, type RankedCause } from '@open-palm/core/judge';
import type { LessonLog } from '../api/lessonLog';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import { CueTry } from './CueTry';
import { signWords } from './signWords';

const words = strings.workOn;

/** What every thing to work on needs to know of the lesson. */
export interface ThingFacts {
  student: Student;
  checkId: string;
  log: LessonLog;
  isHurting: boolean;
  /** What the teacher put first, if they saw it differently. */
  chosen: LogEntryOf<'cause'> | null;
  ranked: readonly RankedCause[];
}

/**
 * One thing to work on: the cause, why it is this one, the cue to say now, what to practise. Without a ranked cause it
 * is what the teacher chose.
 */
export function Thing({
  facts,
  one,
  isFirst,
}: {
  facts: ThingFacts;
  one: RankedCause | null;
  isFirst: boolean;
}) {
  const tokens = useTokens();
  const { chosen } = facts;
  const cause = one?.cause ?? CAUSES.find(({ id }) => id === chosen?.cause) ?? null;
  const isChosen = isFirst && chosen !== null && chosen.cause === cause?.id;
  const { instead, word } = chosen ?? { instead: null, word: null };
  return (
    <View
      style={{
        gap: space(1),
        ...(isFirst ? {} : { borderTopWidth: 1, borderColor: tokens.line, paddingTop: space(3) }),
      }}
    >
      {cause ? (
        <Text variant={isFirst ? 'heading' : 'figure'}>{strings.causes[cause.id] ?? cause.id}</Text>
      ) : null}
      {isChosen ? (
        <Text variant="small" second>
          {[
            strings.otherEye.chosen,
            ...(instead === null
              ? []
              : [strings.otherEye.instead(strings.causes[instead] ?? instead)]),
            ...(word === null ? [] : [strings.otherEye.because(word)]),
          ].join(' ')}
        </Text>
      ) : null}
      {one ? <Text variant="small">{words.because(signWords(one.explains))}</Text> : null}
      {one && isFirst && one.leaves.length > 0 ? (
        <Text variant="small" second>
          {words.leaves(signWords(one.leaves))}
        </Text>
      ) : null}
      {cause ? <CueTry cause={cause} facts={facts} /> : null}
      {cause ? <Drills cause={cause} isHurting={facts.isHurting} /> : null}
    </View>
  );
}

/** What to practise; what loads the little finger is taken off while something hurts. */
function Drills({ cause, isHurting }: { cause: Cause; isHurting: boolean }) {
  const shown = drillsOf(cause, isHurting);
  const isReduced = shown.length < cause.drills.length;
  if (shown.length === 0 && !isReduced) return null;
  return (
    <Text variant="small" second>
      {[
        ...(shown.length > 0
          ? [words.drills(shown.map((id) => strings.drills[id] ?? id).join(' · '))]
          : []),
        ...(isReduced ? [strings.hurt.takenOff] : []),
      ].join(' ')}
    </Text>
  );
}
