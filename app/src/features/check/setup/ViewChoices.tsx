import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { View } from '@open-palm/core/measure';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { strings } from '../../../foundation/strings';
import { ViewFigure } from '../ViewFigure';

/** From where the picture is: the views that the hold is looked at from. */
export function ViewChoices({
  taught,
  student,
  view,
  onView,
}: {
  taught: Hold;
  student: Student;
  view: View;
  onView: (view: View) => void;
}) {
  return (
    <>
      <Choices question={strings.check.view}>
        {(taught.views as View[]).map((option) => (
          <Choice
            key={option}
            label={strings.views[option]}
            chosen={option === view}
            onPress={() => onView(option)}
            grow
          >
            <ViewFigure
              view={option}
              hold={taught}
              side={student.side}
              skinTone={student.skinTone}
            />
          </Choice>
        ))}
      </Choices>
      <Text variant="small" second>
        {strings.viewHints[view]}
      </Text>
    </>
  );
}
