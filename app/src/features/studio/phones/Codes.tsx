import { format } from 'date-fns/format';
import { useState } from 'react';
import type { CodeAnswer, Phones, Visitors } from '@open-palm/contract';
import { codeAnswerSchema, phonesAnswerSchema } from '@open-palm/contract/access';
import { post } from '../../../foundation/api/access';
import { currentPerson } from '../../../foundation/api/accessState';
import { paths } from '../../../foundation/api/paths';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { letInWords } from '../../../foundation/strings/letIn';
import { useAction } from '../useAction';
import { QrCode } from './QrCode';

const words = letInWords.phones;

const timeWords = (iso: string): string => format(new Date(iso), 'HH:mm');

/** The first code: a plain page on which a phone learns to trust the studio. */
export function FirstCode({ standing, onChanged }: { standing: Phones; onChanged: () => void }) {
  const { trustUrl, trustUntil, fingerprint, wasReached } = standing;
  const { problem, run } = useAction(onChanged);
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="figure" level={2}>
        {words.first}
      </Text>
      {trustUrl === null || trustUntil === null ? (
        <Button
          label={words.showFirst}
          icon="qrcode"
          onPress={() => run(() => post(phonesAnswerSchema, paths.access('phones/trust')))}
        />
      ) : (
        <>
          <Text>{words.firstHelp}</Text>
          <QrCode text={trustUrl} label={words.code(trustUrl)} />
          <Text variant="strong">{trustUrl}</Text>
          <Text variant="small" second>
            {words.until(timeWords(trustUntil))}
          </Text>
          <Text variant="small">{words.compare}</Text>
          <Text variant="small" style={{ fontFamily: 'monospace' }}>
            {fingerprint}
          </Text>
          {wasReached ? <Notice tone="in">{words.reached}</Notice> : null}
        </>
      )}
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
    </Card>
  );
}

/** The second code: a phone that trusts the studio comes in with it. */
export function SecondCode({
  people,
  isTrusted,
  isNamed,
}: {
  people: Visitors['people'];
  /** Whether a phone has come over the secure way. */
  isTrusted: boolean;
  /** Whether devices come by a name of the teacher's own, which every network finds. */
  isNamed: boolean;
}) {
  const [saysSo, setSaysSo] = useState(false);
  const [code, setCode] = useState<CodeAnswer | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [byNumber, setByNumber] = useState(false);
  const { problem, run } = useAction(() => undefined);
  const personId = chosen ?? currentPerson() ?? '';
  const show = (number: boolean) =>
    run(async () => {
      const asked = { personId, byNumber: number };
      setCode(await post(codeAnswerSchema, paths.access('codes'), asked));
      setByNumber(number);
    });
  if (!isTrusted && !saysSo) {
    return (
      <Card style={{ gap: space(2) }}>
        <Text variant="figure" level={2}>
          {words.second}
        </Text>
        <Text second>{words.secondLater}</Text>
        <Button label={words.trustsAlready} quiet onPress={() => setSaysSo(true)} />
      </Card>
    );
  }
  const those = people.filter(({ isOut }) => !isOut);
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="figure" level={2}>
        {words.second}
      </Text>
      {those.length > 1 ? (
        <Choices question={words.forWhom}>
          {those.map(({ id, name }) => (
            <Choice
              key={id}
              label={name}
              chosen={id === personId}
              onPress={() => {
                setChosen(id);
                setCode(null);
              }}
            />
          ))}
        </Choices>
      ) : null}
      {code === null ? (
        <Button label={words.showSecond} icon="qrcode" onPress={() => show(byNumber)} />
      ) : (
        <>
          <Text>{words.secondHelp}</Text>
          <QrCode text={code.url} label={words.code(new URL(code.url).origin)} />
          <Text variant="strong">{new URL(code.url).origin}</Text>
          <Text variant="small" second>
            {words.until(timeWords(code.until))}
          </Text>
          {isNamed ? null : (
            <Button
              label={byNumber ? words.byName : words.byNumber}
              quiet
              onPress={() => show(!byNumber)}
            />
          )}
        </>
      )}
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
    </Card>
  );
}
