import type { ReactNode } from 'react';
import { Controller, type Control, type FieldPath } from 'react-hook-form';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import type { StudentInput } from '@open-palm/contract';
import { problemIn } from '@open-palm/core/problem';
import { describeProblem } from '@open-palm/words/describe';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { numberFrom } from '../../foundation/kit/numberFrom';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

type Name = FieldPath<StudentInput>;

/** A line to write in, with what is wrong about it. */
export function Field({
  control,
  name,
  label,
  kind,
  help,
}: {
  control: Control<StudentInput>;
  name: Name;
  label: string;
  kind: 'text' | 'number';
  help?: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <View>
          <TextInput
            mode="outlined"
            label={label}
            accessibilityLabel={label}
            value={textOf(field.value)}
            onChangeText={(text) => field.onChange(kind === 'number' ? numberFrom(text) : text)}
            onBlur={field.onBlur}
            error={fieldState.invalid}
            inputMode={kind === 'number' ? 'decimal' : 'text'}
            style={{ minHeight: space(14) }}
          />
          {fieldState.error || help !== undefined ? (
            <HelperText type={fieldState.error ? 'error' : 'info'} visible padding="none">
              {fieldState.error ? errorWords(fieldState.error.message) : help}
            </HelperText>
          ) : null}
        </View>
      )}
    />
  );
}

const textOf = (value: unknown): string =>
  typeof value === 'string' || (typeof value === 'number' && !Number.isNaN(value))
    ? String(value)
    : '';

/** What the schema says of a field, in words. */
function errorWords(message: string | undefined): string {
  const problem = problemIn(message ?? '');
  return problem && problem.code !== 'notANumber'
    ? describeProblem(problem)
    : strings.student.notANumber;
}

/** One of several, by touch. */
export function OneOf<T extends string>({
  control,
  name,
  question,
  options,
  nameOf,
  usual,
  drawn,
  onChosen,
}: {
  control: Control<StudentInput>;
  name: Name;
  question: string;
  options: readonly T[];
  nameOf: (option: T) => string;
  /** What stands until something is chosen. */
  usual?: T;
  /** A drawing above an option's name. */
  drawn?: (option: T) => ReactNode;
  onChosen?: (option: T) => void;
}) {
  return (
    <Controller
      control={control}
      name={name}
      {...(usual === undefined ? {} : { defaultValue: usual })}
      render={({ field }) => (
        <Choices question={question}>
          {options.map((option) => (
            <Choice
              key={option}
              label={nameOf(option)}
              chosen={field.value === option}
              onPress={() => {
                field.onChange(option);
                onChosen?.(option);
              }}
            >
              {drawn?.(option)}
            </Choice>
          ))}
        </Choices>
      )}
    />
  );
}
