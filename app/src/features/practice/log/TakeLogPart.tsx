import { useState } from 'react';
import { View } from 'react-native';
import { fromCodes } from '@open-palm/card/code';
import type { LogWay, PractisedTurn } from '@open-palm/contract';
import type { KeptPlan } from '@open-palm/records/practice';
import { Button } from '../../../foundation/kit/Button';
import { pickFile } from '../../../foundation/kit/pickFile';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { ScanCode } from './ScanCode';
import { TickOff } from './TickOff';

const words = strings.practice;

/** The ways in which a log comes back: by the camera, as a file, or ticked off. */
export function TakeLogPart({
  plan,
  known,
  today,
  take,
}: {
  plan: KeptPlan;
  known: readonly PractisedTurn[];
  today: string;
  take: (read: () => unknown, via: LogWay) => void;
}) {
  const [reading, setReading] = useState<'ways' | 'scan' | 'tick' | null>(null);
  const takeTicks = (ticked: PractisedTurn[]) => {
    setReading(null);
    const keys = new Set(known.map(({ day, drill, turn }) => `${day} ${drill} ${turn}`));
    const entries = ticked.filter(({ day, drill, turn }) => !keys.has(`${day} ${drill} ${turn}`));
    take(() => ({ v: 1, plan: plan.id, card: 'paper', entries }), 'paper');
  };
  const wide = { flexGrow: 1 };
  return (
    <>
      {reading === null ? (
        <Button label={words.log.read} icon="qrcode-scan" onPress={() => setReading('ways')} />
      ) : reading === 'ways' ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
          <Button
            label={words.log.scan}
            icon="camera-outline"
            compact
            onPress={() => setReading('scan')}
            style={wide}
          />
          <Button
            label={words.log.file}
            icon="file-outline"
            compact
            onPress={() =>
              void pickFile('text/plain,.txt').then(async (file) => {
                if (!file) return;
                const text = await file.text();
                setReading(null);
                take(() => fromCodes(text), 'card');
              })
            }
            style={wide}
          />
          <Button
            label={words.log.told}
            icon="check-all"
            compact
            onPress={() => setReading('tick')}
            style={wide}
          />
        </View>
      ) : reading === 'scan' ? (
        <>
          <ScanCode
            onWhole={(read) => {
              setReading(null);
              take(read, 'card');
            }}
          />
          <Button label={words.close} onPress={() => setReading(null)} />
        </>
      ) : (
        <>
          <TickOff plan={plan} known={known} today={today} onTake={takeTicks} />
          <Button label={words.close} onPress={() => setReading(null)} />
        </>
      )}
    </>
  );
}
