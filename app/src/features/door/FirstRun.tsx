import { useState } from 'react';
import { View } from 'react-native';
import type { StudioSettings } from '@open-palm/contract';
import { beginStudio } from '../../foundation/api/access';
import { deviceZone } from '../../foundation/api/clock';
import { isLongEnough, NewPassphrase } from '../../foundation/kit/NewPassphrase';
import { StudioFields } from '../../foundation/kit/StudioFields';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { doorWords } from '../../foundation/strings/door';
import { DoorForm } from './DoorForm';
import { enter, useStep } from './useStep';

const words = doorWords.begin;

/** The first minute of a studio: whose it is, its passphrase, and how its owner writes and measures. */
export function FirstRun({ code }: { code: string }) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [settings, setSettings] = useState<StudioSettings>({
    name: '',
    dateStyle: 'dayFirst',
    timeZone: deviceZone(),
    instruments: [],
    units: 'metric',
  });
  const step = useStep(() => beginStudio({ code, name, passphrase, settings }).then(enter));
  const isWhole =
    name.trim() !== '' &&
    settings.name.trim() !== '' &&
    settings.instruments.length > 0 &&
    isLongEnough(passphrase);
  return (
    <DoorForm title={words.title} done={words.done} isWhole={isWhole} step={step}>
      <Text second>{words.intro}</Text>
      <View style={{ gap: space(3) }}>
        <Text variant="heading">{words.you}</Text>
        <WordField label={words.yourName} value={name} onChange={setName} />
        <NewPassphrase value={passphrase} onChange={setPassphrase} />
      </View>
      <View style={{ gap: space(3) }}>
        <Text variant="heading">{words.studio}</Text>
        <StudioFields settings={settings} onChange={setSettings} />
      </View>
      {isWhole ? null : (
        <Text variant="small" second>
          {words.missing}
        </Text>
      )}
    </DoorForm>
  );
}
