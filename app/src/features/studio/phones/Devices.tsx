import { useState } from 'react';
import { View } from 'react-native';
import type { Device, Visitors } from '@open-palm/contract';
import { keptSchema } from '@open-palm/contract/apiError';
import { post } from '../../../foundation/api/access';
import { studioNow } from '../../../foundation/api/clock';
import { put } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { agoWords } from '../../../foundation/strings/dateWords';
import { letInWords } from '../../../foundation/strings/letIn';
import { useAction } from '../useAction';

const words = letInWords.phones;

interface DevicesProps {
  visitors: Visitors | undefined;
  onChanged: () => void;
}

/** Devices that are in, and those that were put out. */
export function KnownDevices({ visitors, onChanged }: DevicesProps) {
  if (!visitors) return null;
  const known = visitors.devices.filter(({ state }) => state !== 'asks');
  const nameOf = (personId: string) =>
    visitors.people.find(({ id }) => id === personId)?.name ?? '';
  return (
    <>
      <Text variant="heading">{words.devices}</Text>
      {known.length === 0 ? <Text second>{words.none}</Text> : null}
      {known.map((device) => (
        <Known
          key={device.id}
          device={device}
          person={nameOf(device.personId)}
          onChanged={onChanged}
        />
      ))}
    </>
  );
}

/** A device that asks to come in: its number stands on both screens. */
export function AskingDevice({ device, onChanged }: { device: Device; onChanged: () => void }) {
  const tokens = useTokens();
  const { problem, run } = useAction(onChanged);
  const at = paths.device(device.id);
  return (
    <Card style={{ flex: 1, gap: space(2), borderColor: tokens.amber, borderWidth: 2 }}>
      <Text variant="figure" level={2}>
        {words.asks(device.name)}
      </Text>
      <Text>{words.asksHelp}</Text>
      <Text
        variant="title"
        color={tokens.amberInk}
        style={{ fontSize: 44, lineHeight: 56, letterSpacing: 6 }}
        level={undefined}
      >
        {device.sign}
      </Text>
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={words.refuse} onPress={() => run(() => post(keptSchema, `${at}/out`))} />
        <Button
          label={words.letIn}
          primary
          onPress={() => run(() => post(keptSchema, `${at}/in`))}
          style={{ flex: 1 }}
        />
      </View>
    </Card>
  );
}

function Known({
  device: { id, name, state, seenAt },
  person,
  onChanged,
}: {
  device: Device;
  person: string;
  onChanged: () => void;
}) {
  const [written, setWritten] = useState<string | null>(null);
  const { problem, run } = useAction(onChanged);
  const at = paths.device(id);
  const isOut = state === 'out';
  return (
    <Card style={{ gap: space(2) }}>
      <View>
        <Text variant="strong">{name}</Text>
        <Text variant="small" second>
          {isOut ? words.isOut : words.of(person, agoWords(seenAt, studioNow()))}
        </Text>
      </View>
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      {written === null ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
          <Button label={words.rename} compact onPress={() => setWritten(name)} />
          <Button
            label={isOut ? words.letBack : words.putOut}
            compact
            onPress={() => run(() => post(keptSchema, `${at}/${isOut ? 'in' : 'out'}`))}
          />
        </View>
      ) : (
        <>
          <WordField label={words.name} value={written} onChange={setWritten} />
          <Button
            label={words.keep}
            disabled={written.trim() === ''}
            onPress={() =>
              run(async () => {
                await put(keptSchema, at, { name: written });
                setWritten(null);
              })
            }
          />
        </>
      )}
    </Card>
  );
}
