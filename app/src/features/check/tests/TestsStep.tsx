import { useState } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import { openPainFlags } from '@open-palm/records/log';
import type { Hold } from '@open-palm/core/holds';
import { testSigns } from '@open-palm/core/judge';
import { testsFor } from '@open-palm/core/practice';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Notice } from '../../../foundation/kit/Notice';
import { PressRow } from '../../../foundation/kit/PressRow';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { useTipRaiseWords } from '../../../assessment/balance/useTipRaiseWords';
import { strings } from '../../../foundation/strings';
import { agoWords } from '../../../foundation/strings/dateWords';
import { resultWords } from './resultWords';
import { TestStep } from './TestStep';
import { studioNow } from '../../../foundation/api/clock';

const words = strings.testing;

/** The whole-hand tests that suit the hold and the student, with what each showed last. */
export function TestsStep({
  handFile,
  hold,
  checkId,
  log,
  canCompare,
  onCompare,
  onSign,
  onBack,
}: {
  handFile: HandFile;
  hold: Hold;
  checkId: string;
  log: LessonLog;
  /** Whether there is a look from the start of this lesson. */
  canCompare: boolean;
  onCompare: () => void;
  /** What a test says of a sign that only a person sees. */
  onSign: (sign: string, present: boolean) => void;
  onBack: () => void;
}) {
  const { student } = handFile;
  const tipRaise = useTipRaiseWords(handFile);
  const [chosen, setChosen] = useState<string | null>(null);
  const isHurting = openPainFlags(log.entries).length > 0;
  const tests = testsFor(hold, student.level);
  const test = tests.find(({ id }) => id === chosen);
  if (test && !isHurting) {
    return (
      <TestStep
        key={test.id}
        test={test}
        hold={hold}
        student={student}
        advice={test.id === 'tip-raise' ? tipRaise : null}
        canCompare={canCompare}
        onCompare={onCompare}
        onBack={() => setChosen(null)}
        onKeep={(result) => {
          if (test.id === 'squeeze') {
            // The one test whose sign the look asks for too.
            for (const [sign, present] of Object.entries(testSigns({ test: test.id, result }))) {
              onSign(sign, present);
            }
          }
          void log.add({ kind: 'test', checkId, test: test.id, result });
          setChosen(null);
        }}
      />
    );
  }
  return (
    <Screen>
      <BackHeader
        title={words.title}
        under={student.name}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      {isHurting ? (
        <Notice tone="out">{`${words.none} ${strings.cautions.pain}`}</Notice>
      ) : (
        tests.map(({ id }) => {
          const last = log.entries.find((entry) => entry.kind === 'test' && entry.test === id);
          return (
            <PressRow
              key={id}
              acts
              label={words.newTest(strings.tests[id] ?? id)}
              onPress={() => setChosen(id)}
            >
              <View style={{ flex: 1, gap: space(1), paddingHorizontal: space(1) }}>
                <Text variant="strong">{strings.tests[id] ?? id}</Text>
                <Text variant="small" second>
                  {last?.kind === 'test'
                    ? words.lastTime(
                        resultWords(id, last.result),
                        agoWords(last.madeAt, studioNow()),
                      )
                    : words.whys[id]!}
                </Text>
              </View>
            </PressRow>
          );
        })
      )}
    </Screen>
  );
}
