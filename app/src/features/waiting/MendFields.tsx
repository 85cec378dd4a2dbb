import { useState } from 'react';
import { View } from 'react-native';
import { ELBOW_LEVELS } from '@open-palm/core/measure';
import { sync } from '../../foundation/api/sync';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Notice } from '../../foundation/kit/Notice';
import { space } from '../../foundation/kit/tokens';
import { WordField } from '../../foundation/kit/WordField';
import { waitingWords as words } from '../../foundation/strings/waiting';
import { saidWords } from './entryWords';
import { leavableOf, mendableFields, mendedBody, type MendField } from './mendableFields';

/** Puts right what the studio did not take, in place, and sends it again. */
export function MendFields({ entry }: { entry: Parameters<typeof mendableFields>[0] }) {
  const [changed, setChanged] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const leavable = leavableOf(entry);
  const send = async (leaves: typeof leavable) => {
    const mended = mendedBody(entry, changed, leaves);
    if ('problem' in mended) return setProblem(mended.problem);
    setBusy(true);
    await sync.resolve(entry, mended.body).finally(() => setBusy(false));
  };
  return (
    <View style={{ gap: space(2) }}>
      {mendableFields(entry).map((field) => (
        <Field
          key={field.at}
          field={field}
          value={changed[field.at] ?? field.value}
          onChange={(value) => {
            setProblem(null);
            setChanged({ ...changed, [field.at]: value });
          }}
        />
      ))}
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      <Button
        label={words.sendMended}
        icon="send"
        primary
        busy={busy}
        onPress={() => void send(null)}
      />
      {leavable ? (
        <Button
          label={words.leaveOut(saidWords(entry.stop!.where))}
          icon="eraser"
          busy={busy}
          onPress={() => void send(leavable)}
        />
      ) : null}
    </View>
  );
}

function Field({
  field,
  value,
  onChange,
}: {
  field: MendField;
  value: string;
  onChange: (value: string) => void;
}) {
  if (field.kind !== 'elbow') {
    return (
      <WordField
        label={field.kind === 'day' ? words.dayField(field.label) : field.label}
        value={value}
        onChange={onChange}
        lines={field.kind === 'text' ? 2 : 1}
        kind={field.kind === 'number' ? 'decimal' : 'text'}
      />
    );
  }
  return (
    <Choices question={field.label}>
      {[...ELBOW_LEVELS, ''].map((level) => (
        <Choice
          key={level}
          label={words.elbows[level] ?? level}
          chosen={value === level}
          onPress={() => onChange(level)}
        />
      ))}
    </Choices>
  );
}
