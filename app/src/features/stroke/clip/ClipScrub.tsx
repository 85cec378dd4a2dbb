import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Card } from '../../../foundation/kit/Card';
import { SlideBar } from '../../../foundation/kit/SlideBar';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';
import { FrameMarks } from '../frames/FrameMarks';
import type { ShownClip } from '../frames/MarkFrames';
import { marksAt } from '../frames/marksAt';
import { VideoBox } from './VideoBox';

const words = strokeWords.clip.scrub;

/** What one key moves the clip by, s: about a frame. */
const KEY_S = 0.04;

/** The clip with its marks at any time of the take; the curves' cursors stand at the same time. */
export function ClipScrub({
  clip,
  timeS,
  fromS,
  toS,
  says,
  onTime,
}: {
  clip: ShownClip;
  timeS: number;
  fromS: number;
  toS: number;
  /** What is read there. */
  says: string;
  onTime: (timeS: number) => void;
}) {
  const { reader, mirrored, frames } = clip;
  const [width, setWidth] = useState(0);
  useSeek(clip, timeS);
  return (
    <Card style={{ gap: space(2) }}>
      <View onLayout={({ nativeEvent: { layout } }) => setWidth(layout.width)}>
        <VideoBox reader={reader} mirrored={mirrored}>
          {width > 0 ? (
            <FrameMarks
              marks={marksAt(frames, timeS)}
              viewport={{ scale: width / reader.size.width, x: 0, y: 0 }}
              box={{ width, height: (width * reader.size.height) / reader.size.width }}
            />
          ) : null}
        </VideoBox>
      </View>
      <SlideBar
        label={words.label}
        value={timeS}
        valueText={words.at(timeS)}
        min={fromS}
        max={toS}
        step={KEY_S}
        ends={[words.at(fromS), words.at(toS)]}
        onChange={onTime}
      />
      <View role="status" aria-label={words.label}>
        <Text variant="small">{says}</Text>
      </View>
      <Text variant="small" second>
        {words.notKept}
      </Text>
    </Card>
  );
}

/** Follows the time; where the clip is slower than the finger it goes to the latest time only. */
function useSeek({ reader }: ShownClip, timeS: number): void {
  const wanted = useRef(timeS);
  const busy = useRef(false);
  useEffect(() => {
    wanted.current = timeS;
    if (busy.current) return;
    busy.current = true;
    const follow = async () => {
      let at = NaN;
      while (at !== wanted.current) {
        at = wanted.current;
        await reader.seek(at).catch(() => undefined);
      }
      busy.current = false;
    };
    void follow();
  }, [reader, timeS]);
}
