import type { Phones } from '@open-palm/contract';
import { phonesAnswerSchema } from '@open-palm/contract/access';
import { post } from '../../../foundation/api/access';
import { paths } from '../../../foundation/api/paths';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Columns } from '../../../foundation/kit/Columns';
import { Card } from '../../../foundation/kit/Card';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { dayWords } from '../../../foundation/strings/dateWords';
import { letInWords } from '../../../foundation/strings/letIn';
import { useAction } from '../useAction';
import { usePhones, useVisitors } from '../useVisitors';
import { AskingDevice, KnownDevices } from './Devices';
import { FirstCode, SecondCode } from './Codes';

const words = letInWords.phones;

/** How phones come in, and which devices are in. */
export function PhonesScreen() {
  const phones = usePhones();
  const visitors = useVisitors();
  const { problem, run } = useAction(phones.retry);
  const turn = (on: boolean) => run(() => post(phonesAnswerSchema, paths.access('phones'), { on }));
  // One after the other, where it is seen wherever the page was scrolled to.
  const asking = visitors.data?.devices.find(({ state }) => state === 'asks');
  return (
    <Loaded from={phones}>
      {({ phones: standing, publicOrigin }) => (
        <Screen
          columns
          {...(asking
            ? { footer: <AskingDevice device={asking} onChanged={visitors.retry} /> }
            : standing === null
              ? {
                  footer: (
                    <Button
                      label={words.on}
                      primary
                      onPress={() => turn(true)}
                      style={{ flex: 1 }}
                    />
                  ),
                }
              : {})}
        >
          <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
          {problem === null ? null : <Notice tone="out">{problem}</Notice>}
          {standing === null ? (
            <>
              <Text>{publicOrigin === null ? words.off : words.proxy(publicOrigin)}</Text>
              {publicOrigin === null ? null : (
                <SecondCode people={visitors.data?.people ?? []} isTrusted isNamed />
              )}
              <KnownDevices visitors={visitors.data} onChanged={visitors.retry} />
            </>
          ) : (
            <Columns
              picture={
                <>
                  <Address standing={standing} />
                  <FirstCode standing={standing} onChanged={phones.retry} />
                </>
              }
            >
              <SecondCode
                people={visitors.data?.people ?? []}
                isTrusted={standing.wasReached}
                isNamed={publicOrigin !== null}
              />
              <KnownDevices visitors={visitors.data} onChanged={visitors.retry} />
            </Columns>
          )}
          {standing === null ? null : (
            <>
              <Text variant="small" second>
                {words.certificate(dayWords(standing.certificateUntil))}
              </Text>
              <Button label={words.close} quiet onPress={() => turn(false)} />
            </>
          )}
        </Screen>
      )}
    </Loaded>
  );
}

function Address({ standing: { origins } }: { standing: Phones }) {
  const [first, ...others] = origins;
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="label" second>
        {words.address}
      </Text>
      <Text variant="heading" style={{ wordBreak: 'break-all' } as object}>
        {first!}
      </Text>
      {others.length > 0 ? <Text second>{words.or(others.join(strings.or))}</Text> : null}
      <Text variant="small" second>
        {others.length > 0 ? words.same : words.alone}
      </Text>
    </Card>
  );
}
