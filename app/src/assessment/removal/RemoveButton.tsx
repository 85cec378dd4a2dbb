import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import type { Removable, Removal } from '@open-palm/contract';
import { BIN_DAYS } from '@open-palm/contract/bin';
import { remove, useRemovable } from '../../foundation/api/bin';
import { ApiProblem } from '../../foundation/api/client';
import { studioNow } from '../../foundation/api/clock';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { binWords as words } from '../../foundation/strings/bin';
import { dayWords } from '../../foundation/strings/dateWords';
import { removedParts } from './removedParts';

const DAY_MS = 24 * 3600 * 1000;

/** Removes something, once a person has read what goes with it; for a week it can be brought back. */
export function RemoveButton({ removal, onRemoved }: { removal: Removal; onRemoved?: () => void }) {
  const [isAsking, setAsking] = useState(false);
  if (!isAsking) {
    return (
      <Button
        label={words.remove[removal.kind]}
        icon="delete-outline"
        quiet
        onPress={() => setAsking(true)}
        style={{ alignSelf: 'flex-start' }}
      />
    );
  }
  return (
    <AskFirst
      removal={removal}
      onKeep={() => setAsking(false)}
      onRemoved={() => {
        setAsking(false);
        onRemoved?.();
      }}
    />
  );
}

function AskFirst({
  removal,
  onKeep,
  onRemoved,
}: {
  removal: Removal;
  onKeep: () => void;
  onRemoved: () => void;
}) {
  const { data, error } = useRemovable(removal);
  const [isBusy, setBusy] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const told = failure ?? (error ? sayWhy(error) : null);
  const yes = () => {
    setBusy(true);
    remove(removal).then(onRemoved, (reason: unknown) => {
      setBusy(false);
      setFailure(sayWhy(reason));
    });
  };
  const card = useRef<View>(null);
  useEffect(() => {
    // It takes more room than the button did, and may stand below what is seen.
    (card.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'nearest' });
  }, [data, told]);
  return (
    <View ref={card}>
      <Card style={{ gap: space(2) }}>
        {told === null ? null : <Notice tone="out">{told}</Notice>}
        {data ? <WhatGoes removable={data} /> : null}
        <View style={{ flexDirection: 'row', gap: space(2) }}>
          <Button label={words.no} onPress={onKeep} style={{ flex: 1 }} />
          <Button
            label={words.yes}
            icon="delete-outline"
            primary
            busy={isBusy}
            disabled={!data || isBusy}
            onPress={yes}
            style={{ flex: 1 }}
          />
        </View>
      </Card>
    </View>
  );
}

function WhatGoes({ removable: { kind, studentName, holds } }: { removable: Removable }) {
  const parts = removedParts(kind, holds);
  const until = new Date(studioNow().getTime() + BIN_DAYS * DAY_MS).toISOString();
  return (
    <View role="status" style={{ gap: space(1) }}>
      <Text variant="strong">{words.asks[kind](studentName)}</Text>
      {parts === '' ? null : <Text>{words.goes(parts)}</Text>}
      {holds.ownCues > 0 ? <Text>{words.ownCues(holds.ownCues)}</Text> : null}
      <Text variant="small" second>
        {words.week(dayWords(until))}
      </Text>
    </View>
  );
}

const sayWhy = (reason: unknown): string =>
  reason instanceof ApiProblem && reason.status !== 0 ? reason.message : words.needsStudio;
