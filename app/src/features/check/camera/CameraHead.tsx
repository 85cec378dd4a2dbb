import { View } from 'react-native';
import type { Context } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { ContextMenu } from '../setup/ContextMenu';

const words = strings.viewfinder;

/** Above the camera of a look that begins: how the bow is held, as in the look before, the drawn hand instead, and the way to all the rest. */
export const CameraHead = ({
  context,
  instrument,
  onContext,
  onTouch,
  onSetup,
}: {
  /** Null where the look has one already. */
  context: Context | null;
  /** The instrument that is looked at, where the student has several. */
  instrument: string | null;
  onContext: (context: Context) => void;
  onTouch: () => void;
  onSetup: () => void;
}) => {
  const ways = (
    <>
      {instrument === null ? null : <Button label={instrument} compact onPress={onSetup} />}
      <Button label={strings.check.byTap} icon="gesture-tap" compact onPress={onTouch} />
      <Button
        label={words.more}
        accessibilityLabel={words.setup}
        icon="dots-horizontal"
        compact
        onPress={onSetup}
      />
    </>
  );
  return context === null ? (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>{ways}</View>
  ) : (
    <ContextMenu context={context} onContext={onContext}>
      {ways}
    </ContextMenu>
  );
};
