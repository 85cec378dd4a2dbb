import type { ComponentProps } from 'react';
import { View } from 'react-native';
import { lazyPart } from '../../foundation/kit/lazyPart';
import { strings } from '../../foundation/strings';
import type { DrawnCue } from './DrawnCue';

const WIDTH = 92;

/** What draws cues comes when the first one is shown. */
const Drawn = lazyPart<ComponentProps<typeof DrawnCue>>(
  () => import('./DrawnCue').then((part) => part.DrawnCue),
  () => ({ aspectRatio: 1.3 }),
);

/** A cue as a small drawing; the teacher's own words have none. */
export function CueFigure(of: ComponentProps<typeof DrawnCue>) {
  if (strings.cues[of.cue] === undefined) return null;
  return (
    <View style={{ width: WIDTH }}>
      <Drawn {...of} />
    </View>
  );
}
