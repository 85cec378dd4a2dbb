import { View } from 'react-native';
import {
  comfortCapN,
  CONTACTS,
  type Balance,
  type ContactName,
  type Forces,
} from '@open-palm/core/balance';
import { useState } from 'react';
import { NumberTable } from '../../foundation/charts/NumberTable';
import { ShowAsToggle } from '../../foundation/charts/ShowAsToggle';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import { listWords } from '../../foundation/strings/listWords';
import { contactMark } from './contactMark';
import type { BalanceModel } from './useBalance';

const words = balanceWords;

/** What the hand does now, in a sentence or two, with every number one tap away. */
export function HeldWords({ model }: { model: BalanceModel }) {
  const { now, uncertainty, strength, state } = model;
  const [showsNumbers, setShowsNumbers] = useState(false);
  if (!now.answer.feasible) return <Notice tone="out">{strings.notHeld[now.answer.why]}</Notice>;
  const { balance } = now.answer;
  const above = CONTACTS.filter(
    (contact) => contactMark(contact, balance.shareN[contact] ?? 0, strength) === 'out',
  );
  const handOver =
    balance.handOverMm === null ? null : balance.handOverMm + now.hand.placesMm.thumb;
  return (
    <Card style={{ gap: space(1) }}>
      <ShowAsToggle title={words.held} asTable={showsNumbers} onChange={setShowsNumbers} />
      <View role="status" aria-label={words.title}>
        <Text>{heldSentence(balance, uncertainty ?? {}, state.onString, now.hand.hold)}</Text>
      </View>
      {above.length === 0 ? null : (
        <Notice>
          {words.aboveCap(
            listWords(
              above.map((contact) =>
                words.capOf(
                  strings.contacts[contact],
                  words.newton(comfortCapN(contact, strength)),
                ),
              ),
            ),
          )}
        </Notice>
      )}
      {balance.loudestN === null ? null : (
        <Text variant="small" second>
          {words.loudest(words.newton(balance.loudestN))}
        </Text>
      )}
      {handOver === null ? null : (
        <Text variant="small" second>
          {handOver > model.preset.heelMm && handOver < model.preset.pointMm
            ? words.handOver(words.mm(handOver))
            : words.handOverOutside}
        </Text>
      )}
      {balance.pinchN > 0.05 ? (
        <Text variant="small" second>
          {words.pinch(words.newton(balance.pinchN))}
        </Text>
      ) : null}
      {showsNumbers ? (
        <Numbers balance={balance} uncertainty={uncertainty ?? {}} strength={strength} />
      ) : null}
    </Card>
  );
}

function heldSentence(
  { shareN }: Balance,
  uncertainty: Forces,
  onString: boolean,
  hold: 'over' | 'under',
): string {
  const force = (contact: ContactName) =>
    words.withSd(Math.abs(shareN[contact] ?? 0), uncertainty[contact] ?? 0);
  const candidates = hold === 'over' ? CONTACTS.filter((name) => name !== 'thumb') : CONTACTS;
  const most = [...candidates].sort(
    (a, b) => Math.abs(shareN[b] ?? 0) - Math.abs(shareN[a] ?? 0),
  )[0]!;
  if (hold === 'under') return words.presses.underhand(strings.contacts[most], force(most));
  if ((shareN[most] ?? 0) < 0.05) return words.presses.alone(force('thumb'));
  const says = onString ? words.presses.onString : words.presses.inTheAir;
  return says(strings.contacts[most], force(most), force('thumb'));
}

function Numbers({
  balance: { shareN, leastN },
  uncertainty,
  strength,
}: {
  balance: Balance;
  uncertainty: Forces;
  strength: number;
}) {
  const there = CONTACTS.filter((contact) => shareN[contact] !== undefined);
  const total = (forces: Forces) =>
    Object.values(forces).reduce((sum, force) => sum + Math.abs(force), 0);
  return (
    <View style={{ gap: space(1) }}>
      <NumberTable
        label={words.numbers}
        columns={[words.numbers, words.carries, words.cap]}
        rows={there.map((contact) => ({
          id: contact,
          head: strings.contacts[contact],
          cells: [
            words.withSd(Math.abs(shareN[contact]!), uncertainty[contact] ?? 0),
            `${words.newton(comfortCapN(contact, strength))} · ${
              {
                in: words.comfortable,
                out: words.tooMuch,
                none: words.idle,
                unsure: '',
                notSeen: '',
              }[contactMark(contact, shareN[contact]!, strength)]
            }`,
          ],
        }))}
      />
      <Text variant="small" second>
        {words.total(words.newton(total(shareN)), words.newton(total(leastN)))}
      </Text>
    </View>
  );
}
