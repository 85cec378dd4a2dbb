import { useState } from 'react';
import { View } from 'react-native';
import type { Check } from '@open-palm/contract';
import { RemoveButton } from '../../../assessment/removal/RemoveButton';
import { MarkedPicture } from '../../../drawing/pictures/MarkedPicture';
import { useIsRemoved } from '../../../foundation/api/bin';
import { paths } from '../../../foundation/api/paths';
import { strings } from '../../../foundation/strings';

/** A picture of a kept look with its points, and the way to remove it. */
export function KeptPicture({
  capture: { pictureId, image, points, view },
}: {
  capture: Check['captures'][number];
}) {
  const [isMissing, setMissing] = useState(false);
  const isRemoved = useIsRemoved(pictureId);
  return (
    <View>
      <MarkedPicture
        url={isRemoved ? null : paths.picture(pictureId)}
        picture={image}
        placed={points}
        label={strings.result.picture(strings.views[view])}
        onMissing={() => setMissing(true)}
      />
      {isMissing || isRemoved ? null : (
        <RemoveButton removal={{ kind: 'picture', ofId: pictureId }} />
      )}
    </View>
  );
}
