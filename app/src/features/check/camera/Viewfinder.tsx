import { useEffect, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { View as PictureView } from '@open-palm/core/measure';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { useScreenAwake } from '../../../foundation/kit/useScreenAwake';
import { Button } from '../../../foundation/kit/Button';
import { Notice } from '../../../foundation/kit/Notice';
import { Footer } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { SamplePicture } from '../taking/SamplePicture';
import { pickFile } from '../../../foundation/kit/pickFile';
import { frameOf } from './frameOf';
import { LivePicture } from './LivePicture';
import { useCamera } from './useCamera';

const words = strings.viewfinder;

/** The live camera with the last picture of the same view faintly over it, so that the view repeats; or a file. */
export function Viewfinder({
  view,
  ghostUrl,
  problem,
  head = null,
  help,
  onBack,
  onPicture,
}: {
  view: PictureView | null;
  /** Address of the last picture of this view. */
  ghostUrl: string | null;
  /** Why the last chosen file could not be used. */
  problem: string | null;
  /** Above what the camera sees. */
  head?: ReactNode;
  /** For a view that has cards and a sample. */
  help?: { hand: WantedHand; onHow: () => void };
  onBack: () => void;
  onPicture: (picture: Blob | null) => void;
}) {
  const tokens = useTokens();
  const { stream, state } = useCamera();
  useScreenAwake(stream !== null);
  const video = useRef<HTMLVideoElement>(null);
  const [showsGhost, setShowsGhost] = useState(true);
  const [showsSample, setShowsSample] = useState(false);
  useEffect(() => {
    if (video.current) video.current.srcObject = stream;
  }, [stream]);
  const isSampleShown = showsSample && help !== undefined && view !== null;
  const choose = () => void pickFile().then(onPicture);
  const shoot = () => void (video.current && frameOf(video.current).then(onPicture));
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      <View style={{ padding: space(4), gap: space(3) }}>
        <BackHeader
          title={words.title}
          {...(view === null ? {} : { under: strings.views[view] })}
          backLabel={strings.nav.back}
          onBack={onBack}
        />
        {head}
        {problem === null ? null : <Notice tone="out">{problem}</Notice>}
        {state === 'none' ? <Notice>{words.noCamera}</Notice> : null}
      </View>
      {isSampleShown ? (
        <View style={{ flex: 1, padding: space(4), justifyContent: 'center' }}>
          <SamplePicture view={view} hand={help.hand} />
        </View>
      ) : null}
      <LivePicture video={video} isHidden={isSampleShown} ghostUrl={showsGhost ? ghostUrl : null} />
      <View style={{ paddingHorizontal: space(4), paddingVertical: space(2), gap: space(2) }}>
        <Text variant="small" second>
          {view === null ? words.relaxedHint : strings.viewHints[view]}
        </Text>
        {help ? (
          <View style={{ flexDirection: 'row', gap: space(2) }}>
            <Button
              label={showsSample ? strings.takingIt.hideSample : strings.takingIt.sample}
              icon="image-outline"
              compact
              onPress={() => setShowsSample(!showsSample)}
              style={{ flex: 1 }}
            />
            <Button
              label={strings.takingIt.open}
              icon="help-circle-outline"
              compact
              onPress={help.onHow}
              style={{ flex: 1.2 }}
            />
          </View>
        ) : null}
        {ghostUrl === null ? null : (
          <Button
            label={showsGhost ? words.hideGhost : words.showGhost}
            icon="layers-outline"
            onPress={() => setShowsGhost(!showsGhost)}
          />
        )}
      </View>
      <Footer>
        <Button
          label={words.file}
          primary={state === 'none'}
          onPress={choose}
          style={{ flex: 1 }}
        />
        {state === 'none' ? null : (
          <Button
            label={words.shoot}
            icon="camera-outline"
            primary
            disabled={state !== 'live'}
            onPress={shoot}
            style={{ flex: 1 }}
          />
        )}
      </Footer>
    </View>
  );
}
