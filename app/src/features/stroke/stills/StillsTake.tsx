import { useState } from 'react';
import { Image, View } from 'react-native';
import type { Side } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { RADIUS, space } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';
import type { MarkKind } from '../frames/markableFrame';
import { MarkFrames, type MadeTake } from '../frames/MarkFrames';
import { STILL_PLACES, useStills } from './useStills';

const words = strokeWords.threeStills;

/** A take from three pictures: heel, middle, point; each is chosen or taken, then marked. */
export function StillsTake({
  kind,
  side,
  onTake,
  onLeave,
}: {
  kind: MarkKind;
  side: Side;
  onTake: (take: MadeTake) => void;
  onLeave: () => void;
}) {
  const { frames, busy, problem, choose } = useStills(kind, side);
  const [marks, setMarks] = useState(false);
  const ready = STILL_PLACES.flatMap((place) => frames[place] ?? []);
  if (marks) {
    return (
      <MarkFrames
        kind={kind}
        side={side}
        frames={ready}
        strokes={null}
        onTake={onTake}
        onLeave={onLeave}
      />
    );
  }
  return (
    <View style={{ gap: space(3) }}>
      <Text variant="small" second>
        {words.help[kind]}
      </Text>
      {problem ? (
        <Notice tone="out" title={words.problem}>
          {problem}
        </Notice>
      ) : null}
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        {STILL_PLACES.map((place) => {
          const picture = frames[place]?.picture;
          return (
            <Card key={place} style={{ flex: 1, gap: space(2), alignItems: 'stretch' }}>
              <Text variant="strong">{strokeWords.places[place]}</Text>
              {picture ? (
                <Image
                  source={{ uri: picture.url }}
                  accessibilityLabel={words.picture(strokeWords.places[place])}
                  style={{
                    width: '100%',
                    aspectRatio: picture.width / picture.height,
                    borderRadius: RADIUS / 2,
                  }}
                />
              ) : (
                <Text variant="small" second>
                  {busy === place ? words.looking : words.empty}
                </Text>
              )}
              <Button
                label={picture ? words.another : words.choose}
                accessibilityLabel={words.chooseFor(strokeWords.places[place])}
                compact
                busy={busy === place}
                disabled={busy !== null}
                onPress={() => void choose(place)}
              />
            </Card>
          );
        })}
      </View>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        <Button label={strokeWords.frames.leave} onPress={onLeave} />
        <Button
          label={words.mark}
          icon="gesture-tap"
          primary
          disabled={ready.length < STILL_PLACES.length || busy !== null}
          onPress={() => setMarks(true)}
          style={{ flex: 1 }}
        />
      </View>
    </View>
  );
}
