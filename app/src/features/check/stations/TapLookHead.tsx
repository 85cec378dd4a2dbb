import type { Context } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { strings } from '../../../foundation/strings';
import { ContextMenu } from '../setup/ContextMenu';

/** Above the first station: how the bow is held, which a look without a camera takes from the one before, and the way to all the rest. */
export const TapLookHead = ({
  context,
  onContext,
  onSetup,
}: {
  context: Context;
  onContext: (context: Context) => void;
  onSetup: () => void;
}) => (
  <ContextMenu context={context} onContext={onContext}>
    <Button label={strings.stations.setup} icon="camera-outline" compact onPress={onSetup} />
  </ContextMenu>
);
