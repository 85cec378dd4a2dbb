import { useState } from 'react';
import { pairDevice } from '../../foundation/api/access';
import { WordField } from '../../foundation/kit/WordField';
import { doorWords } from '../../foundation/strings/door';
import { DoorForm } from './DoorForm';
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
  const step = useStep(() => pairDevice(code, name));
  return (
    <DoorForm title={words.title} done={words.done} isWhole={name.trim() !== ''} step={step}>
      <WordField label={words.name} value={name} onChange={setName} />
    </DoorForm>
  );
}
