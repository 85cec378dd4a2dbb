import { View } from 'react-native';
import type { View as PictureView } from '@open-palm/core/measure';
import { MarkedPicture } from '../../../drawing/pictures/MarkedPicture';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import { Button } from '../../../foundation/kit/Button';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.check;

/** The picture that is about to be marked, and how to turn it over where it is mirrored. */
export function ChosenFigure({
  picture,
  view,
  onFlip,
}: {
  picture: ChosenPicture;
  view: PictureView;
  onFlip: () => void;
}) {
  return (
    <View style={{ gap: space(2) }}>
      <MarkedPicture
        url={picture.url}
        picture={picture}
        placed={{}}
        label={words.pictureOf(strings.views[view])}
      />
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(3) }}>
        <Text variant="small" second style={{ flex: 1 }}>
          {words.flipHelp}
        </Text>
        <Button label={words.flip} icon="flip-horizontal" onPress={onFlip} />
      </View>
    </View>
  );
}
