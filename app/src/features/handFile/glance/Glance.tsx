import { useMemo } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import { gripFacts } from '@open-palm/records/grip';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { WorkOnCard } from '../../../assessment/advice/WorkOnCard';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { shownBy } from '../../../drawing/portrait/portraitNumbers';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { useWide } from '../../../foundation/kit/useWide';
import { strings } from '../../../foundation/strings';
import type { SeenMeasure } from '../../../assessment/advice/lesson';

const words = strings.handFile;

/** How wide the portrait is, px: the sentence to say has to stand below it without scrolling. */
const PORTRAIT = { phone: 286, wide: 340 };

/** The hand file at a glance: how the hold looks, the one thing to work on, and the sentence to say. */
export function Glance({
  handFile: { student, setupId, history, lastSeen, contacts, signs },
  facts: { hold, hand },
  seen,
  log,
}: {
  handFile: HandFile;
  facts: Pick<ReturnType<typeof gripFacts>, 'hold' | 'hand'>;
  seen: readonly SeenMeasure[];
  log: LessonLog;
}) {
  const isWide = useWide();
  const shown = useMemo(() => shownBy(lastSeen.map(({ latest }) => latest.merged)), [lastSeen]);
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const [latest] = history;
  return (
    <>
      <Card style={{ padding: 0, overflow: 'hidden' }}>
        <View
          style={{
            width: '100%',
            maxWidth: isWide ? PORTRAIT.wide : PORTRAIT.phone,
            alignSelf: 'center',
          }}
        >
          <GripPortrait
            numbers={{
              hold,
              side: student.side,
              skinTone: student.skinTone,
              contacts,
              bowSize: setup.bowSize,
              middleFingerMm: hand.middleFinger.mm,
              ...shown,
            }}
            label={words.portrait(student.name)}
            caption={
              latest && latest.context !== 'row' ? null : (
                <Text variant="small" second>
                  {latest ? words.lastInPassing : words.empty}
                </Text>
              )
            }
          />
        </View>
      </Card>
      {latest ? (
        <WorkOnCard
          measures={seen}
          signs={signs}
          hold={hold}
          student={student}
          checkId={latest.id}
          context={latest.context}
          log={log}
          glance
        />
      ) : null}
    </>
  );
}
