import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import { useHandFile } from '../../foundation/api/queries';
import { holdName } from '../../foundation/strings/holdWords';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Card } from '../../foundation/kit/Card';
import { Columns } from '../../foundation/kit/Columns';
import { Loaded } from '../../foundation/kit/Loaded';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { useWide } from '../../foundation/kit/useWide';
import { shownBy } from '../../drawing/portrait/portraitNumbers';
import { SKINS } from '@open-palm/core/portrait/skins';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import { listWords } from '../../foundation/strings/listWords';
import { AcrossCard } from './AcrossCard';
import { BowCard } from './BowCard';
import { useDrawnLever, type SeenHand } from './handOrder';
import { HeldWords } from './HeldWords';
import { BalanceControls } from './BalanceControls';
import { BalanceCharts } from './BalanceCharts';
import { BalancePicture } from './BalancePicture';
import { gripOf } from '@open-palm/records/grip';
import { startingBalance, type StartingBalance } from '@open-palm/records/balance';
import { useBalance } from './useBalance';
import { WeighBow } from './weigh/WeighBow';
import { WholeBow } from './WholeBow';
import { studioNow } from '../../foundation/api/clock';

const words = balanceWords;

/** The bow as a lever in a student's hand: what each finger carries, and what a change would do. */
export function BalanceScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>
      {(data) => <Balance key={`${data.student.id} ${data.setupId}`} handFile={data} />}
    </Loaded>
  );
}

function Balance({ handFile }: { handFile: HandFile }) {
  const [weighing, setWeighing] = useState(false);
  const starting = useMemo(() => startingBalance(handFile, studioNow()), [handFile]);
  if (weighing) {
    return (
      <WeighBow
        handFile={handFile}
        preset={starting.preset}
        own={starting.own}
        onDone={() => setWeighing(false)}
      />
    );
  }
  return <BalanceView handFile={handFile} starting={starting} onWeigh={() => setWeighing(true)} />;
}

/** Bows that hang so far across their strings that it is the second lever which tires the hand. */
const ACROSS_FROM_DEG = 45;

function BalanceView({
  handFile,
  starting,
  onWeigh,
}: {
  handFile: HandFile;
  starting: StartingBalance;
  onWeigh: () => void;
}) {
  const { student, setupId, contacts, lastSeen } = handFile;
  const model = useBalance(starting);
  const later = useDeferredValue(model);
  const { hold, taught, bow, now, state, strength, change, situation } = model;
  const seen = useMemo((): SeenHand => {
    const setup = student.setups.find(({ id }) => id === setupId)!;
    return {
      contacts,
      measures: shownBy(lastSeen.map(({ latest }) => latest.merged)).measures,
      bowSize: setup.bowSize,
      middleFingerMm: gripOf(student, setup, taught, null).middleFinger.mm,
    };
  }, [student, setupId, taught, contacts, lastSeen]);
  const drawing = useDrawnLever(hold, now.hand, seen, state.upMm);
  const skin = SKINS[student.skinTone];
  const mirrored = student.side === 'left';
  const wide = useWide();
  const across =
    hold.hand === 'over' && situation.planeDeg >= ACROSS_FROM_DEG ? (
      <AcrossCard model={model} mirrored={mirrored} />
    ) : null;
  return (
    <Screen columns>
      <BackHeader
        title={words.title}
        under={`${student.name} · ${holdName(taught)}`}
        backLabel={strings.nav.toStudent}
        onBack={`/students/${student.id}?setup=${setupId}`}
      />
      <Columns
        picture={
          <>
            <Card style={{ padding: space(1), gap: space(1) }}>
              <BalancePicture
                hold={hold}
                bow={bow}
                held={now}
                drawing={drawing}
                onString={state.onString}
                strength={strength}
                upMm={state.upMm}
                skin={skin}
                mirrored={mirrored}
                label={words.picture(student.name)}
                onPlace={(contact, xMm) =>
                  change({ placesMm: { ...state.placesMm, [contact]: xMm - state.upMm } })
                }
              />
              <WholeBow model={model} drawing={drawing} skin={skin} mirrored={mirrored} />
              <View style={{ paddingHorizontal: space(2), paddingBottom: space(1) }}>
                <Text variant="label" second>
                  {`${originWords(starting)} ${words.drag}`}
                </Text>
              </View>
            </Card>
            {wide ? across : null}
          </>
        }
      >
        <HeldWords model={model} />
        <BalanceControls model={model} />
        {wide ? null : across}
        <BalanceCharts model={later} seen={seen} skin={skin} mirrored={mirrored} />
        <BowCard bow={bow} preset={model.preset} onWeigh={onWeigh} />
        <Text variant="small" second>
          {words.estimates}
        </Text>
        <Notice>{strings.cautions.pain}</Notice>
      </Columns>
    </Screen>
  );
}

/** Whether the hand is as it was seen, or as the hold wants it. */
function originWords({ start: { seen } }: StartingBalance): string {
  if (seen.length === 0) return words.from.none;
  if (seen.length === 5) return words.from.all;
  return words.from.some(listWords(seen.map((contact) => strings.contacts[contact])));
}
