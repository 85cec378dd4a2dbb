import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { v7 as uuidv7 } from 'uuid';
import type { Hold } from '@open-palm/core/holds';
import { CATALOGUE, FAMILIES, type Family, type MeasureId } from '@open-palm/core/measure';
import { useOwnHolds } from '../../../foundation/api/queries';
import { saveOwnHold } from '../../../foundation/api/write';
import { findHold } from '@open-palm/records/holds';
import { fullHoldName, holdName } from '../../../foundation/strings/holdWords';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Columns } from '../../../foundation/kit/Columns';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { CheckpointEditor } from './CheckpointEditor';
import { NewBandsNotice } from './NewBandsNotice';
import { draftOf, rename, type BandPlace } from './holdDraft';

const words = strings.editHold;

/** Copies a shipped hold, or changes an own one: its name, and its bands, moved on the figure or typed. */
export function EditHoldScreen({ holdId }: { holdId: string }) {
  const ownHolds = useOwnHolds();
  return (
    <Loaded from={ownHolds}>
      {({ holds }) => <EditHold key={holdId} hold={findHold(holdId, holds)} />}
    </Loaded>
  );
}

function EditHold({ hold: before }: { hold: Hold }) {
  const [hold, setHold] = useState(() => draftOf(before, uuidv7(), words.copyOf(holdName(before))));
  const [family, setFamily] = useState<Family>('fingers');
  const [id, setId] = useState<MeasureId>('indexDepth');
  const [place, setPlace] = useState<BandPlace>('everywhere');
  const [isRefused, setIsRefused] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const measures = measuresOf(hold, family);
  const choose = (next: MeasureId) => {
    setId(next);
    setPlace('everywhere');
    setIsRefused(false);
  };
  const name = hold.own?.name ?? '';
  const save = async () => {
    setSaving(true);
    setFailure(null);
    try {
      await saveOwnHold(hold);
      router.dismissTo('/holds');
    } catch (error) {
      setSaving(false);
      setFailure(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Screen
      columns
      footer={
        <Button
          label={saving ? strings.result.saving : words.save}
          primary
          busy={saving}
          disabled={saving || isRefused || name.trim() === ''}
          onPress={() => void save()}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader
        title={before.own ? words.changeTitle : words.copyTitle}
        under={words.from(fullHoldName(before))}
        backLabel={strings.nav.back}
        onBack="/holds"
      />
      {failure === null ? null : <Notice tone="out">{failure}</Notice>}
      <NewBandsNotice key={hold.own?.basedOnVersion} hold={hold} onHold={setHold} />
      <Columns
        picture={
          <CheckpointEditor
            hold={hold}
            id={id}
            place={place}
            onPlace={(next) => {
              setPlace(next);
              setIsRefused(false);
            }}
            onHold={setHold}
            onProblem={setIsRefused}
          />
        }
      >
        <Choices question={words.family}>
          {FAMILIES.map((option) => (
            <Choice
              key={option}
              label={strings.families[option]}
              chosen={option === family}
              onPress={() => {
                setFamily(option);
                choose(measuresOf(hold, option)[0]!);
              }}
            />
          ))}
        </Choices>
        <Choices question={words.checkpoint}>
          {measures.map((option) => (
            <Choice
              key={option}
              label={strings.measures[option]}
              chosen={option === id}
              onPress={() => choose(option)}
            />
          ))}
        </Choices>
        <View style={{ gap: space(1) }}>
          <TextInput
            mode="outlined"
            label={words.name}
            accessibilityLabel={words.name}
            value={name}
            onChangeText={(text) => setHold(rename(hold, text))}
            error={name.trim() === ''}
          />
          <HelperText type="error" visible={name.trim() === ''} padding="none">
            {words.nameNeeded}
          </HelperText>
        </View>
        <Text variant="small" second>
          {words.keepsVerdicts}
        </Text>
      </Columns>
    </Screen>
  );
}

/** The checkpoints of a family that make sense for a hold. */
const measuresOf = (hold: Hold, family: Family): MeasureId[] =>
  CATALOGUE.filter(
    (spec) => spec.family === family && !('notApplicable' in (hold.checkpoints[spec.id] ?? {})),
  ).map(({ id }) => id);
