import type { ReactNode } from 'react';
import { View } from 'react-native';
import { forceChanges } from '@open-palm/core/balance';
import { NumberTable } from '../../foundation/charts/NumberTable';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import type { Skin } from '@open-palm/core/portrait/skins';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import { useDrawnLever, type SeenHand } from './handOrder';
import { BalancePicture } from './BalancePicture';
import { dragLimits } from './balanceState';
import type { BalanceModel } from './useBalance';
import { whatIfSentence } from './whatIfWords';

const words = balanceWords;

/** What is tried at one touch, mm. */
const AHEAD_MM = 10;
const UP_MM = 20;

/** Today's hand beside the one that is tried, and what the change does in one sentence. */
export function WhatIfCard({
  model,
  seen,
  skin,
  mirrored,
}: {
  model: BalanceModel;
  seen: SeenHand;
  skin: Skin;
  mirrored: boolean;
}) {
  const { today, now, isTried, hold, bow, state, strength } = model;
  const todayDrawing = useDrawnLever(hold, today.hand, seen, 0);
  const drawing = useDrawnLever(hold, now.hand, seen, state.upMm);
  const shared = { hold, bow, strength, onString: state.onString, skin, mirrored };
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.whatIf.title}
      </Text>
      {isTried ? (
        <>
          <View role="status">
            <Text>{whatIfSentence(today, now)}</Text>
          </View>
          <View style={{ flexDirection: 'row', gap: space(2) }}>
            <Beside word={words.whatIf.today}>
              <BalancePicture
                {...shared}
                held={today}
                drawing={todayDrawing}
                upMm={0}
                label={words.whatIf.today}
              />
            </Beside>
            <Beside word={words.whatIf.change}>
              <BalancePicture
                {...shared}
                held={now}
                drawing={drawing}
                upMm={state.upMm}
                label={words.whatIf.change}
              />
            </Beside>
          </View>
          <Differences model={model} />
          <Button label={words.whatIf.back} icon="undo" onPress={model.back} />
        </>
      ) : (
        <>
          <Text variant="small">
            {hold.hand === 'over' ? words.whatIf.hint : words.whatIf.hintUnder}
          </Text>
          <Tries model={model} />
        </>
      )}
    </Card>
  );
}

/** One of two pictures side by side. */
function Beside({ word, children }: { word: string; children: ReactNode }) {
  return (
    <View style={{ flex: 1 }}>
      <Text variant="label" second>
        {word}
      </Text>
      {children}
    </View>
  );
}

/** The usual changes, one touch away. */
function Tries({ model: { state, change, hold, now, bow } }: { model: BalanceModel }) {
  if (hold.hand === 'under') return null;
  const { index } = now.hand.placesMm;
  const { max } = dragLimits('index', now.hand, bow, state.upMm);
  return (
    <View style={{ gap: space(2) }}>
      {index !== undefined && index + AHEAD_MM <= max ? (
        <Button
          label={words.whatIf.ahead}
          icon="arrow-expand-horizontal"
          onPress={() => change({ placesMm: { ...state.placesMm, index: index + AHEAD_MM } })}
        />
      ) : null}
      <Button
        label={words.whatIf.up}
        icon="arrow-up-right"
        onPress={() => change({ upMm: UP_MM })}
      />
    </View>
  );
}

function Differences({ model: { today, now } }: { model: BalanceModel }) {
  if (!today.answer.feasible || !now.answer.feasible) return null;
  const changes = forceChanges(today.answer.balance, now.answer.balance);
  if (changes.length === 0) return null;
  return (
    <NumberTable
      label={words.numbers}
      columns={[words.numbers, words.whatIf.today, words.whatIf.change]}
      rows={changes.map(({ contact, plane, fromN, toN }) => ({
        id: `${contact} ${plane}`,
        head:
          plane === 'across'
            ? words.whatIf.across(strings.contacts[contact])
            : strings.contacts[contact],
        cells: [words.newton(Math.abs(fromN)), words.newton(Math.abs(toN))],
      }))}
    />
  );
}
