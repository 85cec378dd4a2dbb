import { useState, type ReactNode } from 'react';
import { Controller, type Control, type FieldPath } from 'react-hook-form';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import type { StudentInput } from '@open-palm/contract';
import { problemIn } from '@open-palm/core/problem';
import { describeProblem } from '@open-palm/words/describe';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { numberFrom } from '../../foundation/kit/numberFrom';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { useStacked } from '../../foundation/kit/useStacked';
import { strings } from '../../foundation/strings';
import { keptSize, shownSize } from '../../foundation/strings/sizes';

type Name = FieldPath<StudentInput>;
type FieldKind = 'text' | 'number' | 'length';

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
  /** A length is kept in millimetres and read as the studio measures. */
  kind: FieldKind;
  help?: string;
}) {
  // What is being typed stays as it is typed: "2." is on its way to a number.
  const [typed, setTyped] = useState<string | null>(null);
  const isStacked = useStacked();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <View>
          {isStacked ? <Text variant="label">{label}</Text> : null}
          <TextInput
            mode="outlined"
            // Within its line a label has one row: with large text it stands above.
            {...(isStacked ? {} : { label })}
            accessibilityLabel={label}
            value={typed ?? textOf(field.value, kind)}
            onChangeText={(text) => {
              setTyped(text);
              field.onChange(valueFrom(text, kind));
            }}
            onBlur={() => {
              setTyped(null);
              field.onBlur();
            }}
            error={fieldState.invalid}
            inputMode={kind === 'text' ? 'text' : 'decimal'}
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

function textOf(value: unknown, kind: FieldKind): string {
  if (typeof value === 'string') return value;
  if (typeof value !== 'number' || Number.isNaN(value)) return '';
  return String(kind === 'length' ? shownSize('length', value) : value);
}

function valueFrom(text: string, kind: FieldKind): string | number | null {
  if (kind === 'text') return text;
  const typed = numberFrom(text);
  return typed === null || kind === 'number' ? typed : keptSize('length', typed);
}

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
