import { paths } from '../../../foundation/api/paths';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import { strings } from '../../../foundation/strings';
import { CameraHead } from '../camera/CameraHead';
import { lastPictureOf } from '../camera/lastPicture';
import { isLookedAt, type Shot } from '../look/lookState';
import { lookWay } from '../look/lookWay';
import { usePictureMaker } from '../look/usePictureMaker';
import { TakePicture } from '../taking/TakePicture';
import type { StepProps } from './stepProps';

/** A picture is taken, or chosen from a file. */
export function CameraStep({
  handFile: { student, history },
  draft: { shot, state },
  facts: { hold, setup },
  send,
}: StepProps) {
  const { problem, take } = usePictureMaker();
  const isFirst = !isLookedAt(state);
  const ghost = lastPictureOf(history, shot.view);
  return (
    <TakePicture
      view={shot.view}
      hand={{ hold, side: student.side, skinTone: student.skinTone }}
      ghostUrl={ghost === null ? null : paths.picture(ghost)}
      problem={problem}
      head={
        <CameraHead
          context={isFirst ? state.context : null}
          instrument={student.setups.length > 1 ? strings.instruments[setup.instrument] : null}
          onContext={(context) => send({ type: 'context', context })}
          onTouch={() => {
            if (isFirst) lookWay.set('tap');
            send({ type: 'touch' });
          }}
          onSetup={() => send({ type: 'leave' })}
        />
      }
      onBack={() => send({ type: 'leave' })}
      onPicture={(file) =>
        void take(file).then((picture) => {
          if (!picture) return;
          forgetUnused(shot.picture, state.shots);
          send({ type: 'taken', picture });
        })
      }
    />
  );
}

/** Gives back the memory of a picture that another one replaces, unless the look has it already. */
function forgetUnused(picture: ChosenPicture | null, shots: readonly Shot[]): void {
  if (picture && !shots.some((shot) => shot.picture.id === picture.id)) {
    URL.revokeObjectURL(picture.url);
  }
}
