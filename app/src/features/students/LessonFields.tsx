import { useWatch, type Control, type UseFormSetValue } from 'react-hook-form';
import type { StudentInput } from '@open-palm/contract';
import { WEEKDAYS } from '@open-palm/contract/lesson';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { strings } from '../../foundation/strings';
import { Field } from './fields';
import { deviceZone } from '../../foundation/api/clock';

const words = strings.lessonFields;

const FIRST_TIME = '16:00';

/** The weekly lesson: its day, and then by which clock. */
export function LessonFields({
  control,
  setValue,
}: {
  control: Control<StudentInput>;
  setValue: UseFormSetValue<StudentInput>;
}) {
  const lesson = useWatch({ control, name: 'lesson' });
  return (
    <>
      <Choices question={words.title}>
        <Choice
          label={words.none}
          chosen={lesson === null}
          onPress={() => setValue('lesson', null, { shouldDirty: true })}
        />
        {WEEKDAYS.map((day) => (
          <Choice
            key={day}
            label={words.days[day]}
            chosen={lesson?.day === day}
            onPress={() =>
              setValue(
                'lesson',
                {
                  at: lesson?.at ?? FIRST_TIME,
                  timeZone: lesson?.timeZone ?? deviceZone(),
                  day,
                },
                { shouldDirty: true },
              )
            }
          />
        ))}
      </Choices>
      {lesson ? (
        <>
          <Field
            control={control}
            name="lesson.at"
            label={words.at}
            kind="text"
            help={words.atHelp}
          />
          <Field
            control={control}
            name="lesson.timeZone"
            label={words.zone}
            kind="text"
            help={words.zoneHelp}
          />
        </>
      ) : null}
    </>
  );
}
