import { useState } from 'react';
import { View } from 'react-native';
import { dateSchema } from '@open-palm/contract/bounds';
import { MOST_PLAN_DAYS } from '@open-palm/contract/practice';
import { dayOfDate } from '@open-palm/records/time';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** Until when is planned, where no weekly lesson says it; what cannot be is told, and the plan stays as it was. */
export function LessonDate({
  from,
  lesson,
  onChange,
}: {
  /** The first day of practice. */
  from: string;
  lesson: string;
  onChange: (lesson: string) => void;
}) {
  const tokens = useTokens();
  const [written, setWritten] = useState(lesson);
  const problem = lessonProblem(written, from);
  return (
    <View style={{ gap: space(1) }}>
      <WordField
        label={words.noLesson}
        value={written}
        onChange={(text) => {
          setWritten(text);
          if (lessonProblem(text, from) === null) onChange(text);
        }}
      />
      {problem === null ? null : (
        <Text variant="small" color={tokens.out}>
          {problem}
        </Text>
      )}
    </View>
  );
}

/** Why there can be no plan until a day; null where there can. */
export function lessonProblem(written: string, from: string): string | null {
  if (!dateSchema.safeParse(written).success) return strings.agreements.dateWrong;
  const days = dayOfDate(written) - dayOfDate(from);
  if (days < 0) return words.lessonPast;
  return days > MOST_PLAN_DAYS ? words.lessonFar(MOST_PLAN_DAYS) : null;
}
