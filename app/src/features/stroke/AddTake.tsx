import { useState } from 'react';
import { View } from 'react-native';
import type { Take } from '@open-palm/contract';
import type { Side } from '@open-palm/core/measure';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Notice } from '../../foundation/kit/Notice';
import { pickFile } from '../../foundation/kit/pickFile';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { strokeWords } from '../../foundation/strings/stroke';
import { ClipTake } from './clip/ClipTake';
import type { MarkKind } from './frames/markableFrame';
import type { MadeTake } from './frames/MarkFrames';
import { StillsTake } from './stills/StillsTake';

const words = strokeWords.adding;

/** Clips as phones and browsers make them; some name their files without a kind. */
const CLIPS = 'video/*,.mp4,.webm,.mov,.m4v';

/** Where a take comes from: a clip, three stills, or a file of angles; and what is seen in it. */
export function AddTake({
  side,
  mayFilm,
  onCsv,
  onTake,
  onLeave,
}: {
  side: Side;
  /** Whether photographs and clips of this hand are allowed. */
  mayFilm: boolean;
  onCsv: () => void;
  onTake: (source: Take['source'], take: MadeTake) => void;
  onLeave: () => void;
}) {
  const [kind, setKind] = useState<MarkKind>('wrist');
  const [way, setWay] = useState<{ by: 'clip'; file: File } | { by: 'stills' } | null>(null);
  if (way?.by === 'clip') {
    return (
      <ClipTake
        file={way.file}
        kind={kind}
        side={side}
        onTake={(take) => onTake('clip', take)}
        onLeave={onLeave}
      />
    );
  }
  if (way?.by === 'stills') {
    return (
      <StillsTake
        kind={kind}
        side={side}
        onTake={(take) => onTake('stills', take)}
        onLeave={onLeave}
      />
    );
  }
  const openClip = async () => {
    const file = await pickFile(CLIPS);
    if (file) setWay({ by: 'clip', file });
  };
  return (
    <View style={{ gap: space(3) }}>
      <Card style={{ gap: space(2) }}>
        <Choices question={words.question}>
          <Choice label={words.wrist} chosen={kind === 'wrist'} onPress={() => setKind('wrist')} />
          <Choice label={words.path} chosen={kind === 'path'} onPress={() => setKind('path')} />
        </Choices>
        <Text variant="small" second>
          {kind === 'wrist' ? words.wristHelp : words.pathHelp}
        </Text>
      </Card>
      {mayFilm ? (
        <>
          <Button label={words.clip} icon="video-outline" primary onPress={() => void openClip()} />
          <Button
            label={words.stills}
            icon="image-multiple-outline"
            onPress={() => setWay({ by: 'stills' })}
          />
        </>
      ) : (
        <Notice>{strings.photosWithheld}</Notice>
      )}
      <Button label={strokeWords.openFile} icon="file-delimited-outline" onPress={onCsv} />
      <Text variant="small" second>
        {words.staysHere}
      </Text>
      <Notice>{strings.cautions.consent}</Notice>
      <Button label={strokeWords.forget} quiet onPress={onLeave} />
    </View>
  );
}
