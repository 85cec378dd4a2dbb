import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import type { Side } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { SlideBar } from '../../../foundation/kit/SlideBar';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';
import type { MarkKind } from '../frames/markableFrame';
import { MarkFrames, type MadeTake } from '../frames/MarkFrames';
import { LONGEST_STRETCH_S, useClip, type OpenClip } from './useClip';
import { VideoBox } from './VideoBox';

const words = strokeWords.clip;

/** From an opened clip to a take: looked through, its frames marked, its curve read. */
export function ClipTake({
  file,
  kind,
  side,
  onTake,
  onLeave,
}: {
  file: Blob;
  kind: MarkKind;
  side: Side;
  onTake: (take: MadeTake) => void;
  onLeave: () => void;
}) {
  const clip = useClip(file, side, kind);
  const { stage, reader, mirrored } = clip;
  if (stage.at === 'picked') {
    return (
      <MarkFrames
        kind={kind}
        side={side}
        frames={stage.clip.frames}
        strokes={stage.clip.strokes}
        {...(reader ? { clip: { reader, mirrored } } : {})}
        onTake={onTake}
        onLeave={onLeave}
      />
    );
  }
  return (
    <View style={{ gap: space(3) }}>
      <Stage clip={clip} />
      <Button label={words.leave} onPress={onLeave} />
    </View>
  );
}

function Stage({ clip }: { clip: OpenClip }) {
  const { stage, reader, mirrored } = clip;
  switch (stage.at) {
    case 'opening':
      return (
        <View role="status">
          <Text>{words.opening}</Text>
        </View>
      );
    case 'trouble':
      return (
        <Notice tone="out" title={words.troubleTitle}>
          {words.trouble[stage.trouble]}
        </Notice>
      );
    case 'choosing':
      return (
        <Card style={{ gap: space(2) }}>
          <Text variant="strong" level={2}>
            {words.choose.title}
          </Text>
          <Text variant="small">
            {words.choose.help(clipLength(reader!.durationS), LONGEST_STRETCH_S)}
          </Text>
          <VideoBox reader={reader!} mirrored={mirrored} />
          <SlideBar
            label={words.choose.from}
            value={stage.fromS}
            valueText={clipLength(stage.fromS)}
            min={0}
            max={reader!.durationS - LONGEST_STRETCH_S / 2}
            step={1}
            ends={[clipLength(0), clipLength(reader!.durationS)]}
            onChange={(fromS) => {
              clip.choose(fromS);
              void reader!.seek(fromS).catch(() => undefined);
            }}
          />
          <Button label={words.choose.begin} icon="play" primary onPress={clip.begin} />
        </Card>
      );
    case 'loading':
      return <Progress says={words.loading} share={stage.share} />;
    case 'looking':
      return (
        <Card style={{ gap: space(2) }}>
          {reader ? <VideoBox reader={reader} mirrored={mirrored} /> : null}
          <Progress says={words.looking(Math.round(stage.share * 100))} share={stage.share} />
          <Button label={words.pause} icon="pause" onPress={clip.pause} />
        </Card>
      );
    case 'paused':
      return (
        <Card style={{ gap: space(2) }}>
          <Text>{words.paused}</Text>
          <Button label={words.goOn} icon="play" primary onPress={clip.begin} />
        </Card>
      );
    case 'noHand':
      return (
        <Notice
          title={words.noHandTitle}
          action={{ label: words.mirror, onPress: clip.mirror }}
          further={{ label: words.byHand, onPress: clip.takeAsIs }}
        >
          {words.noHand}
        </Notice>
      );
    case 'picked':
      return null;
  }
}

const clipLength = (seconds: number): string => {
  const whole = Math.floor(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

function Progress({ says, share }: { says: string; share: number }) {
  const tokens = useTokens();
  return (
    <View role="status" style={{ gap: space(1) }}>
      <Text variant="small" second>
        {says}
      </Text>
      <ProgressBar
        progress={share}
        color={tokens.amber}
        accessibilityLabel={says}
        style={{ backgroundColor: tokens.line }}
      />
    </View>
  );
}
