import { router } from 'expo-router';
import { View } from 'react-native';
import type { RelaxedHandRecord, Student } from '@open-palm/contract';
import {
  FINGERS,
  gapsAtLastJointsMm,
  naturalCurlDeg,
  REFERENCE_MIDDLE_FINGER,
  relaxedHandFrom,
  shownLengthMm,
  thumbFalls,
} from '@open-palm/core/hand';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';

const words = strings.relaxed;

/** The hand at rest, which the hold is compared with: its natural gaps and curl. */
export function RelaxedHandCard({
  student,
  relaxedHand,
  now,
}: {
  student: Student;
  relaxedHand: RelaxedHandRecord | null;
  now: Date;
}) {
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2} style={{ fontSize: 18 }}>
        {words.title}
      </Text>
      {relaxedHand ? (
        <Numbers student={student} relaxedHand={relaxedHand} now={now} />
      ) : (
        <Text variant="small" second>
          {words.none}
        </Text>
      )}
      {student.photos === 'withheld' ? (
        <Text variant="small" second>
          {strings.photosWithheld}
        </Text>
      ) : (
        <Button
          label={relaxedHand ? words.again : words.take}
          icon="hand-back-right-outline"
          onPress={() => router.navigate(`/students/${student.id}/check?of=relaxed`)}
        />
      )}
    </Card>
  );
}

function Numbers({
  student: { middleFingerMm },
  relaxedHand,
  now,
}: {
  student: Student;
  relaxedHand: RelaxedHandRecord;
  now: Date;
}) {
  const hand = relaxedHandFrom(relaxedHand.points);
  const lengthMm = middleFingerMm ?? REFERENCE_MIDDLE_FINGER.mm;
  const gaps = gapsAtLastJointsMm(hand, lengthMm);
  const falls = thumbFalls(relaxedHand.points);
  return (
    <View style={{ gap: space(1) }}>
      <Text variant="small" second>
        {words.taken(agoWords(relaxedHand.takenAt, now))}
      </Text>
      <Text>
        {words.lengths(
          FINGERS.map((finger) => shownLengthMm(hand, lengthMm, finger).toFixed(0)).join(' · '),
        )}
      </Text>
      <Text>{words.gaps(gaps.map((mm) => mm.toFixed(0)).join(' · '))}</Text>
      <Text>
        {words.curl(
          FINGERS.map((finger) => `${naturalCurlDeg(hand, finger).toFixed(0)}°`).join(' · '),
        )}
      </Text>
      {falls ? <Text>{words.thumbFalls[falls]}</Text> : null}
    </View>
  );
}
