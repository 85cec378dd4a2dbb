import { useState } from 'react';
import { View } from 'react-native';
import type { Finger } from '@open-palm/core/hand';
import { FINGERS } from '@open-palm/core/hand';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { SlideBar } from '../../foundation/kit/SlideBar';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import { SOFTEST_N } from './balanceState';
import type { BalanceModel } from './useBalance';

const words = balanceWords;

/** Steps of a key. */
const FORCE_STEP_N = 0.05;
const PLANE_STEP_DEG = 5;

/** Shares of the weight across the strings that the string may take. */
const CARRIED = [0, 0.25, 0.5] as const;

/** Whether the bow plays and how loud, which fingers are on it, and what is rarely asked. */
export function BalanceControls({ model }: { model: BalanceModel }) {
  const { state, preset, change, situation } = model;
  const [showsMore, setShowsMore] = useState(false);
  return (
    <View style={{ gap: space(3) }}>
      <Choices question={words.where}>
        <Choice
          label={words.onString}
          chosen={state.onString}
          onPress={() => change({ onString: true })}
        />
        <Choice
          label={words.air}
          chosen={!state.onString}
          onPress={() => change({ onString: false })}
        />
      </Choices>
      {state.onString ? (
        <SlideBar
          label={words.force}
          value={state.forceN}
          valueText={words.newton(state.forceN)}
          min={SOFTEST_N}
          max={preset.stringN.loud}
          step={FORCE_STEP_N}
          ends={words.forceEnds}
          onChange={(forceN) => change({ forceN })}
        />
      ) : null}
      <FingersOn model={model} />
      {showsMore ? (
        <>
          <SlideBar
            label={words.plane}
            value={situation.planeDeg}
            valueText={words.planeValue(situation.planeDeg)}
            min={0}
            max={90}
            step={PLANE_STEP_DEG}
            ends={words.planeEnds}
            onChange={(planeDeg) => change({ planeDeg })}
          />
          {state.onString ? (
            <Choices question={words.carried}>
              {CARRIED.map((carried) => (
                <Choice
                  key={carried}
                  label={words.carriedOf[carried]!}
                  chosen={state.carried === carried}
                  onPress={() => change({ carried })}
                />
              ))}
            </Choices>
          ) : null}
        </>
      ) : null}
      <Button
        label={showsMore ? words.less : words.more}
        icon={showsMore ? 'chevron-up' : 'chevron-down'}
        quiet
        onPress={() => setShowsMore(!showsMore)}
      />
    </View>
  );
}

/** Fingers that carry something in this hold, each on the bow or off it. */
function FingersOn({ model: { state, change, hold } }: { model: BalanceModel }) {
  const fingers: readonly Finger[] = hold.hand === 'over' ? FINGERS : ['little'];
  const toggle = (finger: Finger) =>
    change({
      off: state.off.includes(finger)
        ? state.off.filter((other) => other !== finger)
        : FINGERS.filter((other) => other === finger || state.off.includes(other)),
    });
  return (
    <View role="group" aria-label={words.onBow} style={{ gap: space(2) }}>
      <Text variant="label" second>
        {words.onBow}
      </Text>
      <View style={{ flexDirection: 'row', gap: space(2), flexWrap: 'wrap' }}>
        {fingers.map((finger) => (
          <Choice
            key={finger}
            role="checkbox"
            label={String(FINGERS.indexOf(finger) + 1)}
            accessibilityLabel={strings.contacts[finger]}
            chosen={!state.off.includes(finger)}
            onPress={() => toggle(finger)}
          />
        ))}
      </View>
    </View>
  );
}
