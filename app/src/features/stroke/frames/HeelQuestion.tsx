import { Image, Pressable, View } from 'react-native';
import { Button } from '../../../foundation/kit/Button';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../../foundation/kit/tokens';
import { useWide } from '../../../foundation/kit/useWide';
import { strokeWords } from '../../../foundation/strings/stroke';
import type { MarkableFrame } from './markableFrame';

const words = strokeWords.frames.heel;

/** Which end of the hand's way is nearer the heel: a picture cannot tell, a person sees it at once. */
export function HeelQuestion({
  ends,
  onHeel,
  onLeave,
}: {
  ends: readonly [MarkableFrame, MarkableFrame];
  onHeel: (timeS: number) => void;
  onLeave: () => void;
}) {
  const tokens = useTokens();
  const wide = useWide();
  const inTime = [...ends].sort((a, b) => a.picture.timeS - b.picture.timeS);
  return (
    <View style={{ gap: space(3), maxWidth: wide ? undefined : 560 }}>
      <Text variant="strong" level={2}>
        {words.question}
      </Text>
      <Text variant="small" second>
        {words.help}
      </Text>
      <View style={{ flexDirection: wide ? 'row' : 'column', gap: space(3) }}>
        {inTime.map(({ picture }, i) => (
          <Pressable
            key={picture.timeS}
            role="button"
            aria-label={words.end(i + 1, picture.timeS)}
            onPress={() => onHeel(picture.timeS)}
            style={{
              ...(wide ? { flex: 1 } : {}),
              borderRadius: RADIUS,
              overflow: 'hidden',
              borderWidth: 2,
              borderColor: tokens.line,
            }}
          >
            <Image
              source={{ uri: picture.url }}
              aria-hidden
              style={{ width: '100%', aspectRatio: picture.width / picture.height }}
            />
          </Pressable>
        ))}
      </View>
      <Button label={strokeWords.frames.leave} onPress={onLeave} />
    </View>
  );
}
