import { useMemo } from 'react';
import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { GripContacts } from '@open-palm/core/measure';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { NOT_SHOWN, shownBy } from '../../../drawing/portrait/portraitNumbers';
import { MarkedPicture } from '../../../drawing/pictures/MarkedPicture';
import { Card } from '../../../foundation/kit/Card';
import { space } from '../../../foundation/kit/tokens';
import { useWide } from '../../../foundation/kit/useWide';
import { strings } from '../../../foundation/strings';
import { FitCard } from '../fit/FitCard';
import type { LookState, Shot } from '../look/lookState';
import type { LookFacts } from '../look/useLookFacts';
import type { Result } from './useResult';

const words = strings.result;

/** The hold as this look saw it, the hand that fits its pictures, and where there is room the pictures. */
export function ResultPicture({
  student,
  state,
  facts: { hold, hand, grip },
  result: { fit, measures },
  contacts,
  hides,
  onMove,
  onPicture,
}: {
  student: Student;
  state: LookState;
  facts: LookFacts;
  result: Pick<Result, 'fit' | 'measures'>;
  contacts: GripContacts;
  /** Whether verdicts wait until the look is done. */
  hides: boolean;
  onMove: (shot: Shot) => void;
  onPicture: () => void;
}) {
  const wide = useWide();
  const shown = useMemo(() => (hides ? NOT_SHOWN : shownBy(measures)), [hides, measures]);
  return (
    <>
      <Card style={{ padding: 0, overflow: 'hidden' }}>
        <GripPortrait
          label={words.portrait}
          numbers={{
            hold,
            side: student.side,
            skinTone: student.skinTone,
            contacts,
            bowSize: grip.bowSize,
            middleFingerMm: hand.middleFinger.mm,
            ...shown,
          }}
        />
      </Card>
      {hides ? null : (
        <FitCard
          fit={fit}
          shots={state.shots}
          hold={hold}
          skinTone={student.skinTone}
          onMove={onMove}
          onPicture={onPicture}
        />
      )}
      {wide ? <Photographs shots={state.shots} /> : null}
    </>
  );
}

/** The pictures of a look with their points. */
export const Photographs = ({ shots }: Pick<LookState, 'shots'>) => (
  <View style={{ gap: space(3) }}>
    {shots.map(({ id, picture, view, marks }) => (
      <MarkedPicture
        key={id}
        url={picture.url}
        picture={picture}
        placed={marks.placed}
        label={words.picture(strings.views[view])}
      />
    ))}
  </View>
);
