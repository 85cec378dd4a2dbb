import { useState } from 'react';
import { pairDevice } from '../../foundation/api/access';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { WordField } from '../../foundation/kit/WordField';
import { doorWords } from '../../foundation/strings/door';
import { useStep } from './useStep';

const words = doorWords.pair;

/** What a device is called until somebody calls it otherwise. */
const usualName = (): string => {
  const { userAgent } = navigator;
  if (/iPad|Tablet/.test(userAgent)) return words.tablet;
  return /Mobi|iPhone|Android/.test(userAgent) ? words.phone : words.computer;
};

/** A device that brings a code asks to come in. */
export function Pair({ code }: { code: string }) {
  const [name, setName] = useState(usualName);
  const { busy, problem, take } = useStep(() => pairDevice(code, name));
  return (
    <Screen
      footer={
        <Button
          label={words.done}
          primary
          busy={busy}
          disabled={name.trim() === ''}
          onPress={take}
          style={{ flex: 1 }}
        />
      }
    >
      <Text variant="title">{words.title}</Text>
      <WordField label={words.name} value={name} onChange={setName} />
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
    </Screen>
  );
}
