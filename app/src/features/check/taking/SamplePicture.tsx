import { View } from 'react-native';
import type { PointName, View as PictureView } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { MarkedPicture } from '../../../drawing/pictures/MarkedPicture';
import { strings } from '../../../foundation/strings';
import { ViewFigure } from '../ViewFigure';
import points from './samplePoints.json';

const words = strings.takingIt;

type Points = Partial<Record<PointName, Vec2>>;

/** Rendered by `npm run pictures`; what shows the whole arm is drawn. */
const SAMPLES: Partial<Record<PictureView, Points>> = points;
const SIZE = { width: 640, height: 480 };
/** On a wide screen it stays small enough for what stands below it. */
const WIDEST = 480;

/** What a good picture of a view looks like, with the points that it shows. */
export function SamplePicture({ view, hand }: { view: PictureView; hand: WantedHand }) {
  const { side } = hand;
  const placed = SAMPLES[view];
  const name = strings.views[view];
  if (!placed) {
    return (
      <View role="img" aria-label={words.drawn(name)} style={{ alignItems: 'center' }}>
        <ViewFigure view={view} {...hand} width={320} />
      </View>
    );
  }
  return (
    <View style={{ gap: space(2), width: '100%', maxWidth: WIDEST, alignSelf: 'center' }}>
      <View style={side === 'left' ? { transform: [{ scaleX: -1 }] } : {}}>
        <MarkedPicture
          url={`/samples/${view}.jpg`}
          picture={SIZE}
          placed={placed}
          label={words.sampleOf(name)}
        />
      </View>
      <Text variant="small" second>
        {words.sampleNote}
      </Text>
    </View>
  );
}
