import { View } from 'react-native';
import { forceChanges } from '@open-palm/core/balance';
import { NumberTable } from '../../charts/NumberTable';
import { Button } from '../../kit/Button';
import { Card } from '../../kit/Card';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import type { Skin } from '../../portrait/skin';
import type { GripFigure } from '../../portrait/gripFigure';
import { strings } from '../../strings';
import { LeverPicture } from './LeverPicture';
import { dragLimits } from './leverState';
import type { Lever } from './useLever';
import { whatIfSentence } from './whatIfWords';

const words = strings.balance;

/** What is tried at one touch, mm. */
const AHEAD_MM = 10;
const UP_MM = 20;

/** Today's hand beside the one that is tried, and what the change does in one sentence. */
export function WhatIfCard({
  lever,
  figures,
  skin,
  mirrored,
}: {
  lever: Lever;
  figures: { today: GripFigure; now: GripFigure };
  skin: Skin;
  mirrored: boolean;
}) {
  const { today, now, isTried, hold } = lever;
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
            {(['today', 'change'] as const).map((which) => (
              <View key={which} style={{ flex: 1 }}>
                <Text variant="label" second>
                  {words.whatIf[which]}
                </Text>
                <LeverPicture
                  lever={lever}
                  held={which === 'today' ? today : now}
                  figure={which === 'today' ? figures.today : figures.now}
                  skin={skin}
                  mirrored={mirrored}
                  label={words.whatIf[which]}
                  still
                />
              </View>
            ))}
          </View>
          <Differences lever={lever} />
          <Button label={words.whatIf.back} icon="undo" onPress={lever.back} />
        </>
      ) : (
        <>
          <Text variant="small">
            {hold.hand === 'over' ? words.whatIf.hint : words.whatIf.hintUnder}
          </Text>
          <Tries lever={lever} />
        </>
      )}
    </Card>
  );
}

/** The usual changes, one touch away. */
function Tries({ lever: { state, change, hold, now, bow } }: { lever: Lever }) {
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

function Differences({ lever: { today, now } }: { lever: Lever }) {
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
