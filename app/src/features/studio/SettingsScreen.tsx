import { useState } from 'react';
import type { StudioSettings } from '@open-palm/contract';
import { studioSettingsSchema } from '@open-palm/contract/studioSettings';
import { loadAccess } from '../../foundation/api/access';
import { useStudioSettings } from '../../foundation/api/accessState';
import { put } from '../../foundation/api/client';
import { paths } from '../../foundation/api/paths';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { StudioFields } from '../../foundation/kit/StudioFields';
import { strings } from '../../foundation/strings';
import { letInWords } from '../../foundation/strings/letIn';

const words = letInWords.settings;

/** What the studio chose for itself, to be chosen otherwise. */
export function SettingsScreen() {
  const kept = useStudioSettings();
  const [changed, setChanged] = useState<StudioSettings | null>(null);
  const [state, setState] = useState<{ done?: true; problem?: string; busy?: true }>({});
  const settings = changed ?? kept;
  if (!settings) return null;
  const save = async () => {
    setState({ busy: true });
    try {
      await put(studioSettingsSchema, paths.settings, settings);
      await loadAccess();
      setState({ done: true });
    } catch (error) {
      setState({ problem: error instanceof Error ? error.message : String(error) });
    }
  };
  return (
    <Screen
      footer={
        <Button
          label={words.save}
          primary
          busy={state.busy ?? false}
          disabled={
            changed === null || settings.name.trim() === '' || settings.instruments.length === 0
          }
          onPress={() => void save()}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
      <StudioFields
        settings={settings}
        onChange={(next) => {
          setChanged(next);
          setState({});
        }}
      />
      {state.done ? <Notice tone="in">{words.saved}</Notice> : null}
      {state.problem === undefined ? null : <Notice tone="out">{state.problem}</Notice>}
    </Screen>
  );
}
