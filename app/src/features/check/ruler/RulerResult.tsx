import { View } from 'react-native';
import { touchDoubt, type RulerErrors } from '@open-palm/core/ruler';
import type { DeviceRuler } from '../../../foundation/api/deviceRuler';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { rulerWords as words } from '../../../foundation/strings/ruler';
import { MARK_SD_SHARE } from '../../../drawing/annotate/measureMarks';

/** From here on a device was held so that bends suffer more than from a finger. [memory] */
const TILT_TOLD_DEG = 5;

/** No error is told smaller: nothing was measured without any. */
const LEAST_TOLD = 0.1;

/** What a device's errors mean, in one sentence. */
export const saidWords = ({
  bendRmsDeg,
  lengthRmsShare,
}: Pick<DeviceRuler, 'bendRmsDeg' | 'lengthRmsShare'>): string =>
  words.said(
    Math.max(LEAST_TOLD, bendRmsDeg).toFixed(1),
    Math.max(LEAST_TOLD, 100 * lengthRmsShare).toFixed(1),
  );

/** What the page has told of this device, and what follows for the doubt of a touch. */
export function RulerResult({
  errors,
  touchShare,
  onBack,
  onKeep,
}: {
  errors: RulerErrors;
  touchShare: number;
  onBack: () => void;
  onKeep: () => void;
}) {
  const follows = touchDoubt(MARK_SD_SHARE, touchShare) > MARK_SD_SHARE;
  const percent = (share: number) => Math.max(LEAST_TOLD, 100 * share).toFixed(2);
  return (
    <Screen
      footer={
        <>
          <Button label={words.again} onPress={onBack} />
          <Button label={words.keep} primary onPress={onKeep} style={{ flex: 1 }} />
        </>
      }
    >
      <BackHeader title={words.title} backLabel={strings.nav.back} onBack={onBack} />
      <Text variant="heading">{saidWords(errors)}</Text>
      <Text>{words.oneFlat}</Text>
      <Text>
        {[
          words.touchSaid(percent(touchShare), percent(MARK_SD_SHARE)),
          follows ? words.follows : words.stays,
        ].join(' ')}
      </Text>
      {errors.isTiltClear && errors.tiltDeg >= TILT_TOLD_DEG ? (
        <Notice>{words.tilt(Math.round(errors.tiltDeg))}</Notice>
      ) : null}
      <Card>
        <View role="table" aria-label={words.title}>
          <Row
            cells={[
              words.column.figure,
              words.column.bend,
              words.column.told,
              words.column.length,
              words.column.told,
            ]}
            isHead
          />
          {errors.readings.map(({ name, bendDeg, toldDeg, lengthMm, toldMm }) => (
            <Row
              key={name}
              cells={[
                name.toUpperCase(),
                words.bend(bendDeg),
                words.toldBend(toldDeg.toFixed(1)),
                words.length(lengthMm),
                words.toldLength(toldMm.toFixed(1)),
              ]}
            />
          ))}
        </View>
      </Card>
    </Screen>
  );
}

function Row({ cells, isHead = false }: { cells: readonly string[]; isHead?: boolean }) {
  return (
    <View role="row" style={{ flexDirection: 'row', paddingVertical: space(1) }}>
      {cells.map((cell, i) => (
        <View key={i} role={isHead ? ('columnheader' as 'cell') : 'cell'} style={{ flex: 1 }}>
          <Text variant={isHead ? 'label' : 'small'} second={isHead}>
            {cell}
          </Text>
        </View>
      ))}
    </View>
  );
}
