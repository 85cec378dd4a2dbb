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
import type { LookState } from '../look/lookState';
import type { LookFacts } from '../look/useLookFacts';
import type { Result } from './useResult';

const words = strings.result;

/** The hold as this look saw it, and where there is room the pictures. */
export function ResultPicture({
  student,
  state,
  facts: { hold, hand, grip },
  measures,
  contacts,
  hides,
}: {
  student: Student;
  state: LookState;
  facts: LookFacts;
  measures: Result['measures'];
  contacts: GripContacts;
  /** Whether verdicts wait until the look is done. */
  hides: boolean;
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
