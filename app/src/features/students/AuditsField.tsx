import { Controller, type Control } from 'react-hook-form';
import type { StudentInput } from '@open-palm/contract';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { strings } from '../../foundation/strings';

const words = strings.lessonFields;

/** Whether an advanced player audits the own hold. */
export function AuditsField({ control }: { control: Control<StudentInput> }) {
  return (
    <Controller
      control={control}
      name="audits"
      render={({ field }) => (
        <Choices question={words.audits}>
          {(['no', 'yes'] as const).map((option) => (
            <Choice
              key={option}
              label={words.auditsOptions[option]}
              chosen={field.value === (option === 'yes')}
              onPress={() => field.onChange(option === 'yes')}
            />
          ))}
        </Choices>
      )}
    />
  );
}
