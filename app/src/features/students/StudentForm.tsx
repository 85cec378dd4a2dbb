import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { SKIN_TONES, studentInputSchema, type StudentInput } from '@open-palm/contract';
import { holdsFor, INSTRUMENTS, type Instrument } from '@open-palm/core/holds';
import { SIDES } from '@open-palm/core/measure';
import { saveStudent } from '../../api/queries';
import { BackHeader } from '../../kit/BackHeader';
import { Button } from '../../kit/Button';
import { Choice, Choices } from '../../kit/Choice';
import { Notice } from '../../kit/Notice';
import { Screen } from '../../kit/Screen';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';

const words = strings.student;

export const NEW_STUDENT: StudentInput = {
  name: '',
  instrument: 'violin',
  holdId: 'violin-shallow',
  side: 'right',
  birthYear: null,
  frogLengthMm: null,
  skinTone: 'clay',
};

/** What is written down of a student; the same form adds and changes. */
export function StudentForm({
  id,
  initial,
  isNew,
}: {
  id: string;
  initial: StudentInput;
  isNew: boolean;
}) {
  const [failure, setFailure] = useState<string | null>(null);
  const { control, handleSubmit, formState, setValue } = useForm<StudentInput>({
    resolver: zodResolver(studentInputSchema),
    defaultValues: initial,
  });
  const instrument = useWatch({ control, name: 'instrument' });
  /** A hold of another instrument gives way to the usual one of the new. */
  const chooseHoldOf = (chosen: Instrument) => setValue('holdId', holdsFor(chosen)[0]!.id);
  const save = handleSubmit(async (input) => {
    setFailure(null);
    try {
      await saveStudent(id, input);
      router.dismissTo(`/students/${id}`);
    } catch (error) {
      setFailure(error instanceof Error ? error.message : String(error));
    }
  });
  return (
    <Screen
      footer={
        <Button
          label={words.save}
          primary
          busy={formState.isSubmitting}
          onPress={() => void save()}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader
        title={isNew ? words.addTitle : words.editTitle(initial.name)}
        backLabel={strings.nav.back}
        onBack={isNew ? '/students' : `/students/${id}`}
      />
      {failure === null ? null : <Notice tone="out">{failure}</Notice>}
      <Field control={control} name="name" label={words.name} kind="text" />
      <Field control={control} name="birthYear" label={words.birthYear} kind="number" />
      <OneOf
        control={control}
        name="instrument"
        question={words.instrument}
        options={INSTRUMENTS}
        names={strings.instruments}
        onChosen={chooseHoldOf}
      />
      <OneOf
        control={control}
        name="holdId"
        question={words.hold}
        options={holdsFor(instrument).map((hold) => hold.id)}
        names={strings.holds}
      />
      <OneOf
        control={control}
        name="side"
        question={words.side}
        options={SIDES}
        names={strings.sides}
      />
      <Field
        control={control}
        name="frogLengthMm"
        label={words.frog}
        kind="number"
        help={words.frogHelp}
      />
      <OneOf
        control={control}
        name="skinTone"
        question={words.skinTone}
        options={SKIN_TONES}
        names={strings.skinTones}
      />
      <Notice>{strings.cautions.consent}</Notice>
    </Screen>
  );
}

function Field({
  control,
  name,
  label,
  kind,
  help,
}: {
  control: Control<StudentInput>;
  name: 'name' | 'birthYear' | 'frogLengthMm';
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
            value={field.value === null || Number.isNaN(field.value) ? '' : String(field.value)}
            onChangeText={(text) => field.onChange(kind === 'number' ? numberOrNull(text) : text)}
            onBlur={field.onBlur}
            error={fieldState.invalid}
            inputMode={kind === 'number' ? 'decimal' : 'text'}
            style={{ minHeight: space(14) }}
          />
          {fieldState.error || help !== undefined ? (
            <HelperText type={fieldState.error ? 'error' : 'info'} visible padding="none">
              {fieldState.error
                ? errorWords(fieldState.error.type, fieldState.error.message)
                : help}
            </HelperText>
          ) : null}
        </View>
      )}
    />
  );
}

const errorWords = (type: string, message: string | undefined) =>
  type === 'invalid_type' ? words.notANumber : (message ?? words.notANumber);

/** A decimal comma is fine; nothing is null; what is no number stays one that the schema refuses. */
const numberOrNull = (text: string) =>
  text.trim() === '' ? null : Number(text.trim().replace(',', '.'));

function OneOf<T extends string>({
  control,
  name,
  question,
  options,
  names,
  onChosen,
}: {
  control: Control<StudentInput>;
  name: 'instrument' | 'holdId' | 'side' | 'skinTone';
  question: string;
  options: readonly T[];
  names: Record<T, string>;
  onChosen?: (option: T) => void;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Choices question={question}>
          {options.map((option) => (
            <Choice
              key={option}
              label={names[option]}
              chosen={field.value === option}
              onPress={() => {
                field.onChange(option);
                onChosen?.(option);
              }}
            />
          ))}
        </Choices>
      )}
    />
  );
}
