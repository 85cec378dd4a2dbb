import { View } from 'react-native';
import type { View as PictureView } from '@open-palm/core/measure';
import { Notice } from '../../foundation/kit/Notice';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

const words = strings.seenView;

/** Asks whether a picture shows another view than was said. */
export const SeenView = ({
  view,
  onAnswer,
}: {
  view: PictureView;
  onAnswer: (isSo: boolean) => void;
}) => (
  <View style={{ paddingHorizontal: space(2) }}>
    <Notice
      action={{ label: words.yes, onPress: () => onAnswer(true) }}
      further={{ label: words.no, onPress: () => onAnswer(false) }}
    >
      {words.looksLike(strings.views[view])}
    </Notice>
  </View>
);
