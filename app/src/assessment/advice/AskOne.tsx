import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { SIGNS } from '@open-palm/core/judge';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { Card } from '../../foundation/kit/Card';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { wrongFigure } from '../../drawing/figures/wrongFigure';
import { CueFigure } from './CueFigure';
import { signText } from './signWords';

const words = strings.askOne;
const WIDTH = 96;

/** The one question of a lesson whose answer changes most of what is said: drawn, one tap, and it may be left. */
export function AskOne({
  sign,
  hold,
  student,
  onAnswer,
}: {
  sign: string;
  hold: Hold;
  student: Student;
  /** Null for not sure. */
  onAnswer: (seen: boolean | null) => void;
}) {
  const wrong = wrongFigure(sign, hold);
  const right = SIGNS.find(({ id }) => id === sign)?.cues[0];
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="label" second>
        {words.title}
      </Text>
      <Choices question={words.question(signText(sign, hold.bow))}>
        <Choice label={words.yes} chosen={false} onPress={() => onAnswer(true)}>
          {wrong ? (
            <View style={{ width: WIDTH }}>
              <AnswerFigure
                {...wrong}
                hold={hold}
                side={student.side}
                skinTone={student.skinTone}
              />
            </View>
          ) : null}
        </Choice>
        <Choice label={words.no} chosen={false} onPress={() => onAnswer(false)}>
          {right ? <CueFigure cue={right} hold={hold} student={student} /> : null}
        </Choice>
        <Choice label={words.notSure} chosen={false} onPress={() => onAnswer(null)} />
      </Choices>
      <Text variant="small" second>
        {words.help}
      </Text>
    </Card>
  );
}
