import { useState } from 'react';
import { useWatch, type Control, type UseFormSetValue } from 'react-hook-form';
import { View } from 'react-native';
import type { StudentInput } from '@open-palm/contract';
import { BOW_SIZES, type BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import { usualInstruments } from './usualInstruments';
import { findHold, holdsOn } from '@open-palm/records/holds';
import { holdName } from '../../foundation/strings/holdWords';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { sizeUnit } from '../../foundation/strings/sizes';
import { Field, OneOf } from './fields';

const words = strings.student;
const SIZES = Object.keys(BOW_SIZES) as BowSize[];

/** One instrument of a student: its bow, its hold, and the answers where schools differ. */
export function SetupFields({
  control,
  setValue,
  at,
  ownHolds,
  onRemove,
}: {
  control: Control<StudentInput>;
  setValue: UseFormSetValue<StudentInput>;
  at: number;
  ownHolds: readonly Hold[];
  onRemove: (() => void) | null;
}) {
  const { instrument, holdId } = useWatch({ control, name: `setups.${at}` });
  const [showsSchools, setShowsSchools] = useState(false);
  const hold = findHold(holdId, ownHolds);
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="strong" level={2}>
        {words.setup(at + 1, strings.instruments[instrument])}
      </Text>
      <OneOf
        control={control}
        name={`setups.${at}.instrument`}
        question={words.instrument}
        options={usualInstruments()}
        nameOf={(option) => strings.instruments[option]}
        // A hold of another instrument gives way to the usual one of the new.
        onChosen={(chosen) => setValue(`setups.${at}.holdId`, holdsOn(chosen, ownHolds)[0]!.id)}
      />
      <OneOf
        control={control}
        name={`setups.${at}.holdId`}
        question={words.hold}
        options={holdsOn(instrument, ownHolds).map(({ id }) => id)}
        nameOf={(id) => holdName(findHold(id, ownHolds))}
        onChosen={() => setValue(`setups.${at}.settings`, {})}
      />
      <OneOf
        control={control}
        name={`setups.${at}.bowSize`}
        question={words.bowSize}
        options={SIZES}
        nameOf={(size) => strings.bowSizes[size]}
      />
      <Field
        control={control}
        name={`setups.${at}.frogLengthMm`}
        label={words.frog(sizeUnit('length'))}
        kind="length"
        help={words.frogHelp}
      />
      <Button
        label={showsSchools ? words.noSchools : words.schools}
        icon={showsSchools ? 'chevron-up' : 'chevron-down'}
        onPress={() => setShowsSchools(!showsSchools)}
      />
      {showsSchools
        ? hold.settings.map(({ id, options }) => (
            <View key={`${hold.id} ${id}`} style={{ gap: space(1) }}>
              <OneOf
                control={control}
                name={`setups.${at}.settings.${id}`}
                question={strings.settings[id]?.question ?? id}
                options={options.map((option) => option.id)}
                nameOf={(option) => strings.settings[id]?.options[option] ?? option}
                usual={options[0]!.id}
              />
              <Text variant="small" second>
                {strings.settings[id]?.why ?? ''}
              </Text>
            </View>
          ))
        : null}
      {onRemove ? <Button label={words.removeSetup} icon="close" onPress={onRemove} /> : null}
    </Card>
  );
}
