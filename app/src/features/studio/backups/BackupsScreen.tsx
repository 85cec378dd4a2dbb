import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { BackupState } from '@open-palm/contract';
import { backupStateSchema } from '@open-palm/contract/backup';
import { post } from '../../../foundation/api/access';
import { paths } from '../../../foundation/api/paths';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Columns } from '../../../foundation/kit/Columns';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { pickFile } from '../../../foundation/kit/pickFile';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { backupsWords as words } from '../../../foundation/strings/backups';
import { useAction } from '../useAction';
import { KeptBackups } from './KeptBackups';
import { LastBackup } from './LastBackup';
import { Restoring } from './Restoring';
import { useBackups } from './useBackups';
import { useRestore } from './useRestore';

/** The studio's backups: when the last one was made and what is not in it, one more, and copies to keep elsewhere. */
export function BackupsScreen() {
  const found = useBackups();
  const { problem, run } = useAction(found.retry);
  const restore = useRestore();
  const canPutBack = ['idle', 'shown', 'done', 'failed'].includes(restore.state.step);
  const chooseFile = async () => {
    const file = await pickFile('.zip,application/zip');
    if (file) await restore.look({ file });
  };
  return (
    <Loaded from={found}>
      {(state) => (
        <Screen
          columns
          footer={
            <Button
              label={state.isBusy ? words.making : words.make}
              icon="content-save-outline"
              primary
              busy={state.isBusy}
              onPress={() => run(() => post(backupStateSchema, paths.backups))}
              style={{ flex: 1 }}
            />
          }
        >
          <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
          {problem === null ? null : <Notice tone="out">{problem}</Notice>}
          <Columns picture={<Standing state={state} />}>
            <Restoring restore={restore} />
            <KeptBackups
              state={state}
              onPutBack={canPutBack ? (name) => void restore.look({ name }) : null}
            />
            <Help title={words.back} help={words.backHelp}>
              <Button
                label={words.choose}
                icon="file-restore-outline"
                disabled={!canPutBack}
                onPress={() => void chooseFile()}
                style={{ alignSelf: 'flex-start' }}
              />
            </Help>
            <Help title={words.inside} help={words.insideHelp} />
          </Columns>
        </Screen>
      )}
    </Loaded>
  );
}

/** How safe the studio is now. */
function Standing({ state }: { state: BackupState }) {
  const { failed, backups, sameDisk, unreadable } = state;
  return (
    <View style={{ gap: space(3) }}>
      {failed === null ? null : (
        <Notice tone="out" title={words.failed}>
          {failed}
        </Notice>
      )}
      <LastBackup state={state} />
      {unreadable.length > 0 ? (
        <Notice tone="out">{words.unreadable(unreadable.join(', '))}</Notice>
      ) : null}
      {sameDisk && backups.length > 0 ? (
        <Notice title={words.sameDisk}>{words.sameDiskHelp}</Notice>
      ) : null}
    </View>
  );
}

function Help({ title, help, children }: { title: string; help: string; children?: ReactNode }) {
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="strong">{title}</Text>
      <Text variant="small" second>
        {help}
      </Text>
      {children}
    </Card>
  );
}
