import { useState } from 'react';
import { router } from 'expo-router';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { pickFile } from '../../../foundation/kit/pickFile';
import { saveFile } from '../../../foundation/kit/saveFile';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { paths } from '../../../foundation/api/paths';
import { strings } from '../../../foundation/strings';
import { studioWords as words } from '../../../foundation/strings/studio';
import { ImportPreviewCard } from './ImportPreviewCard';
import { UnderWay } from './UnderWay';
import { useImport } from './useImport';

const EXPORTS = ['students.csv', 'checks.csv', 'studio.json'] as const;
const KINDS = '.csv,.txt,.tsv,.json,text/csv,application/json';

/** The studio's files: students and looks taken along, and brought in after a look at what that would do. */
export function FilesScreen() {
  const bringing = useImport();
  const { state } = bringing;
  const [failed, setFailed] = useState(false);
  const choose = async () => {
    const file = await pickFile(KINDS);
    if (file) await bringing.open(file);
  };
  const takeAlong = async (name: (typeof EXPORTS)[number]) => {
    setFailed(false);
    try {
      const answer = await fetch(paths.exported(name));
      if (!answer.ok) throw new Error(answer.statusText);
      saveFile(await answer.blob(), name);
    } catch {
      setFailed(true);
    }
  };
  const isReady = state.step === 'shown' && state.preview.issueCount === 0;
  const brings =
    state.step === 'shown' &&
    (Object.values(state.preview.added).some((count) => count > 0) ||
      state.preview.changed.length > 0);
  return (
    <Screen
      footer={
        state.step === 'done' ? (
          <Button
            label={words.toStudents}
            primary
            onPress={() => router.navigate('/students')}
            style={{ flex: 1 }}
          />
        ) : state.step === 'idle' || state.step === 'failed' ? (
          <Button
            label={words.choose}
            icon="file-import-outline"
            primary
            onPress={() => void choose()}
            style={{ flex: 1 }}
          />
        ) : (
          <>
            <Button label={words.other} onPress={() => void choose()} />
            <Button
              label={state.step === 'taking' ? words.taking : words.accept}
              primary
              busy={state.step === 'taking'}
              disabled={!isReady || !brings}
              onPress={() => void bringing.accept()}
              style={{ flex: 1 }}
            />
          </>
        )
      }
    >
      <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
      <Text variant="heading">{words.in}</Text>
      <Text variant="small" second>
        {words.inHelp}
      </Text>
      {state.step === 'reading' || state.step === 'taking' ? (
        <UnderWay as={state.as} what={state.step} onCancel={() => void bringing.cancel()} />
      ) : null}
      {state.step === 'failed' ? <Notice tone="out">{state.problem}</Notice> : null}
      {state.step === 'shown' || state.step === 'taking' || state.step === 'done' ? (
        <ImportPreviewCard
          key={`${state.preview.sha256} ${state.preview.done}`}
          name={state.name}
          preview={state.preview}
          dateOrder={state.dateOrder}
          onCorrect={(corrections) => void bringing.correct(corrections)}
          onDateOrder={(order) => void bringing.tellDateOrder(order)}
        />
      ) : null}
      <Text variant="heading">{words.out}</Text>
      <Card style={{ gap: space(2) }}>
        <Text variant="small" second>
          {words.outHelp}
        </Text>
        {failed ? <Notice tone="out">{words.failed}</Notice> : null}
        {EXPORTS.map((name) => (
          <Button
            key={name}
            label={words.exports[name]}
            icon="file-export-outline"
            onPress={() => void takeAlong(name)}
          />
        ))}
      </Card>
    </Screen>
  );
}
