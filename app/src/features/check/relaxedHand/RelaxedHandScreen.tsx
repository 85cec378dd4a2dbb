import { router } from 'expo-router';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import type { RelaxedHandRecord, Student } from '@open-palm/contract';
import { studioNow } from '../../../foundation/api/clock';
import { paths } from '../../../foundation/api/paths';
import { useHandFile } from '../../../foundation/api/queries';
import { Loaded } from '../../../foundation/kit/Loaded';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import { useVision } from '../../../foundation/workers/vision/useVision';
import { useKeep } from '../look/useKeep';
import { usePictureMaker } from '../look/usePictureMaker';
import { Viewfinder } from '../camera/Viewfinder';
import { RelaxedMarksStep } from './RelaxedMarksStep';

/** Takes a picture of the hand as it hangs, and its points: what gaps and bone lengths are then compared with. */
export function RelaxedHandScreen({ studentId }: { studentId: string }) {
  const handFile = useHandFile(studentId);
  return (
    <Loaded from={handFile}>
      {({ student, relaxedHand }) => <RelaxedHand student={student} last={relaxedHand} />}
    </Loaded>
  );
}

function RelaxedHand({ student, last }: { student: Student; last: RelaxedHandRecord | null }) {
  const [id] = useState(() => uuidv7());
  const [picture, setPicture] = useState<ChosenPicture | null>(null);
  const { problem, take, flip } = usePictureMaker();
  const { saving, failure, keep } = useKeep();
  const vision = useVision();
  const file = `/students/${student.id}`;
  if (!picture) {
    return (
      <Viewfinder
        view={null}
        ghostUrl={last && paths.picture(last.pictureId)}
        problem={problem}
        onBack={() => router.dismissTo(file as '/')}
        onPicture={(blob) => void take(blob).then((made) => made && setPicture(made))}
      />
    );
  }
  return (
    <RelaxedMarksStep
      key={picture.id}
      student={student}
      picture={picture}
      vision={vision}
      failure={failure}
      saving={saving}
      onFlip={() => void flip(picture).then((made) => made && setPicture(made))}
      onBack={() => setPicture(null)}
      onSave={(points) =>
        keep(
          {
            kind: 'relaxedHand',
            id,
            studentName: student.name,
            pictures: [{ id: picture.id, blob: picture.blob }],
            body: {
              studentId: student.id,
              takenAt: studioNow().toISOString(),
              pictureId: picture.id,
              side: student.side,
              image: { width: picture.width, height: picture.height },
              points,
            },
          },
          file,
        )
      }
    />
  );
}
