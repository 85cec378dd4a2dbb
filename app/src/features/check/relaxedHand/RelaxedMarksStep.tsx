import { useMemo } from 'react';
import { ScrollView } from 'react-native';
import type { RelaxedHandInput, Student } from '@open-palm/contract';
import { describeIssue } from '@open-palm/words/describe';
import {
  gapsAtLastJointsMm,
  HAND_POINTS,
  REFERENCE_MIDDLE_FINGER,
  RELAXED_POINTS,
  relaxedHandFrom,
  type RelaxedHand,
} from '@open-palm/core/hand';
import { InputError } from '@open-palm/core/issue';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import type { VisionClient } from '../../../foundation/workers/vision/visionClient';
import { useFinder } from '../../../drawing/annotate/finder/useFinder';
import { noMarks } from '../../../drawing/annotate/marksState';
import { captureOf } from '../../../drawing/annotate/measureMarks';
import { MeasureStep } from '../../../drawing/annotate/AnnotateStep';
import { useMarks } from '../../../drawing/annotate/useMarks';

const words = strings.relaxed;

const THUMB_AND_WRIST = HAND_POINTS.filter((name) => !RELAXED_POINTS.includes(name));

/** The points of a hand at rest; kept once every finger is marked. */
export function RelaxedMarksStep({
  student,
  picture,
  vision,
  failure,
  saving,
  onFlip,
  onBack,
  onSave,
}: {
  student: Student;
  picture: ChosenPicture;
  vision: VisionClient;
  failure: string | null;
  saving: boolean;
  onFlip: () => void;
  onBack: () => void;
  onSave: (points: RelaxedHandInput['points']) => void;
}) {
  const store = useMarks(() => noMarks(RELAXED_POINTS));
  const finder = useFinder(vision, picture, student.side, store);
  const { placed } = store.marks;
  const { points } = captureOf(store.marks, {
    view: 'player-eye',
    side: student.side,
    picture,
    frogLength: { mm: 1, sdMm: 0 },
  });
  const isWhole = RELAXED_POINTS.every((name) => placed[name]);
  const { hand, problem } = useMemo(
    () => (isWhole ? read(placed) : { hand: null, problem: null }),
    [isWhole, placed],
  );
  return (
    <MeasureStep
      picture={picture}
      head={{ title: words.markTitle, under: student.name, onBack }}
      side={student.side}
      further={THUMB_AND_WRIST}
      store={store}
      finder={finder}
      problem={failure ?? problem}
      mirrored={false}
      numbers={
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: space(3) }}>
          <Text variant="small" second>
            {hand ? words.gaps(gapsOf(hand, student)) : words.markHint}
          </Text>
        </ScrollView>
      }
      reading={{
        label: saving ? strings.result.saving : words.save,
        canRead: hand !== null && !saving,
        onRead: () => onSave(points),
      }}
      onFlip={() => {
        onFlip();
        store.change({ type: 'mirror', width: picture.width });
      }}
    />
  );
}

function read(placed: Parameters<typeof relaxedHandFrom>[0]): {
  hand: RelaxedHand | null;
  problem: string | null;
} {
  try {
    return { hand: relaxedHandFrom(placed), problem: null };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { hand: null, problem: error.issues.map(describeIssue).join(' ') };
  }
}

const gapsOf = (hand: RelaxedHand, { middleFingerMm }: Student): string =>
  gapsAtLastJointsMm(hand, middleFingerMm ?? REFERENCE_MIDDLE_FINGER.mm)
    .map((mm) => mm.toFixed(0))
    .join(' · ');
