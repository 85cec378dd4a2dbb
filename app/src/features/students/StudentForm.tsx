import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { useState } from 'react';
import { useFieldArray, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { z } from 'zod';
import type { StudentInput } from '@open-palm/contract';
import { SKIN_TONES, studentInputSchema } from '@open-palm/contract/student';
import { problemMessage } from '@open-palm/contract/zodIssues';
import type { Hold } from '@open-palm/core/holds';
import { SIDES } from '@open-palm/core/measure';
import { LEVELS } from '@open-palm/core/practice';
import { saveStudent } from '../../foundation/api/write';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { space } from '../../foundation/kit/tokens';
import { SKINS } from '@open-palm/core/portrait/skins';
import { strings } from '../../foundation/strings';
import { sizeUnit } from '../../foundation/strings/sizes';
import { Text } from '../../foundation/kit/Text';
import { RemoveButton } from '../../assessment/removal/RemoveButton';
import { AuditsField } from './AuditsField';
import { Field, OneOf } from './fields';
import { PhotosRemoved } from './PhotosRemoved';
import { LessonFields } from './LessonFields';
import { SetupFields } from './SetupFields';
import { usualInstruments } from './usualInstruments';
import { holdsOn } from '@open-palm/records/holds';

const words = strings.student;
const lessonWords = strings.lessonFields;

/** The form fills every field, and so needs none of the defaults that a file or an older device does. */
const formSchema = studentInputSchema as unknown as z.ZodType<StudentInput, StudentInput>;

const newSetup = (): StudentInput['setups'][number] => {
  const instrument = usualInstruments()[0]!;
  return {
    id: uuidv7(),
    instrument,
    bowSize: '4/4',
    frogLengthMm: null,
    bowMassG: null,
    bowBalanceMm: null,
    holdId: holdsOn(instrument, [])[0]!.id,
    settings: {},
  };
};

export const newStudent = (): StudentInput => ({
  name: '',
  side: 'right',
  birthYear: null,
  middleFingerMm: null,
  skinTone: 'clay',
  level: 'beginner',
  lesson: null,
  photos: 'allowed',
  bands: 'on',
  audits: false,
  setups: [newSetup()],
});

/** What is written down of a student; the same form adds and changes. */
export function StudentForm({
  id,
  initial,
  ownHolds,
  basedOn,
}: {
  id: string;
  initial: StudentInput;
  ownHolds: readonly Hold[];
  /** The version that is changed; 0 for a new student. */
  basedOn: number;
}) {
  const isNew = basedOn === 0;
  const [failure, setFailure] = useState<string | null>(null);
  const { control, handleSubmit, formState, setValue } = useForm<StudentInput>({
    resolver: zodResolver(formSchema, { error: problemMessage }),
    defaultValues: initial,
  });
  const setups = useFieldArray({ control, name: 'setups', keyName: 'key' });
  const save = handleSubmit(
    async (input) => {
      setFailure(null);
      try {
        const standing = await saveStudent(id, input, basedOn);
        router.dismissTo(standing === 'conflict' ? '/waiting' : `/students/${id}`);
      } catch (error) {
        setFailure(error instanceof Error ? error.message : String(error));
      }
    },
    () => setFailure(words.incomplete),
  );
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
        name="side"
        question={words.side}
        options={SIDES}
        nameOf={(side) => strings.sides[side]}
      />
      <OneOf
        control={control}
        name="level"
        question={words.level}
        options={LEVELS}
        nameOf={(level) => strings.levels[level]}
      />
      {setups.fields.map(({ key }, at) => (
        <SetupFields
          key={key}
          control={control}
          setValue={setValue}
          at={at}
          ownHolds={ownHolds}
          onRemove={setups.fields.length > 1 ? () => setups.remove(at) : null}
        />
      ))}
      <Button label={words.addSetup} icon="plus" onPress={() => setups.append(newSetup())} />
      <Field
        control={control}
        name="middleFingerMm"
        label={words.middleFinger(sizeUnit('length'))}
        kind="length"
        help={words.middleFingerHelp}
      />
      <OneOf
        control={control}
        name="skinTone"
        question={words.skinTone}
        options={SKIN_TONES}
        nameOf={(tone) => strings.skinTones[tone]}
        drawn={(tone) => (
          <View
            style={{
              width: space(8),
              height: space(5),
              borderRadius: space(2),
              borderWidth: 1,
              borderColor: SKINS[tone].line,
              backgroundColor: SKINS[tone].fill,
            }}
          />
        )}
      />
      <LessonFields control={control} setValue={setValue} />
      <OneOf
        control={control}
        name="photos"
        question={lessonWords.photos}
        options={['allowed', 'withheld']}
        nameOf={(option) => lessonWords.photosOptions[option]}
      />
      <PhotosRemoved control={control} wereAllowed={!isNew && initial.photos === 'allowed'} />
      <Notice>{strings.cautions.consent}</Notice>
      <OneOf
        control={control}
        name="bands"
        question={lessonWords.bands}
        options={['on', 'off']}
        nameOf={(option) => lessonWords.bandsOptions[option]}
      />
      <Text variant="small" second>
        {lessonWords.bandsHelp}
      </Text>
      <AuditsField control={control} />
      {isNew ? null : (
        <RemoveButton
          removal={{ kind: 'student', ofId: id }}
          onRemoved={() => router.dismissTo('/students')}
        />
      )}
    </Screen>
  );
}
