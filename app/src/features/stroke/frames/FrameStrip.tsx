import { useEffect, useRef } from 'react';
import { Image, Pressable, ScrollView, View } from 'react-native';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { StateMark } from '../../../foundation/kit/StateMark';
import { space } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';
import { nextMark, type MarkableFrame, type MarkKind } from './markableFrame';

const words = strokeWords.frames;
const HEIGHT = 64;
const BORDER = 3;

/** All frames in a row: which are marked, which are left out; a touch shows one. */
export function FrameStrip({
  frames,
  kind,
  at,
  onShow,
}: {
  frames: readonly MarkableFrame[];
  kind: MarkKind;
  at: number;
  onShow: (index: number) => void;
}) {
  const tokens = useTokens();
  const strip = useRef<ScrollView>(null);
  const first = frames[0]!.picture;
  const step = (HEIGHT * first.width) / first.height + 2 * BORDER + space(1);
  useEffect(() => {
    // The shown frame stands second from the left: the one before it stays in sight.
    strip.current?.scrollTo({ x: Math.max(0, (at - 1) * step), animated: false });
  }, [at, step]);
  return (
    <ScrollView
      ref={strip}
      horizontal
      style={{ flexGrow: 0 }}
      contentContainerStyle={{ gap: space(1) }}
    >
      {frames.map((frame, i) => {
        const { picture, dropped } = frame;
        const isMarked = nextMark(frame, kind) === null && !dropped;
        const state = dropped ? words.dropped : isMarked ? words.marked : words.open;
        return (
          <Pressable
            key={picture.timeS}
            role="button"
            aria-pressed={i === at}
            aria-label={words.inStrip(i + 1, picture.timeS, state)}
            onPress={() => onShow(i)}
            style={{
              borderWidth: BORDER,
              borderRadius: 8,
              borderColor: i === at ? tokens.amber : 'transparent',
              overflow: 'hidden',
            }}
          >
            <Image
              source={{ uri: picture.thumbUrl }}
              aria-hidden
              style={{
                height: HEIGHT,
                width: (HEIGHT * picture.width) / picture.height,
                opacity: dropped ? 0.3 : 1,
              }}
            />
            <View
              style={{
                position: 'absolute',
                right: 2,
                bottom: 2,
                padding: 2,
                borderRadius: 12,
                backgroundColor: tokens.card,
              }}
            >
              <StateMark state={dropped ? 'none' : isMarked ? 'in' : 'notSeen'} />
            </View>
          </Pressable>
        );
      })}
    </ScrollView>
  );
}
