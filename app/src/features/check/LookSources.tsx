import { Image, View } from 'react-native';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import type { LookState, Shot } from './look/lookState';

const words = strings.result;

/** What a look rests on: its pictures and its answers, each of which can be gone back to. */
export function LookSources({
  state,
  onMove,
  onRemove,
  onTaps,
}: {
  state: LookState;
  onMove: (shot: Shot) => void;
  onRemove: (id: string) => void;
  onTaps: () => void;
}) {
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="strong" level={2}>
        {words.restsOn}
      </Text>
      {state.shots.map((shot) => {
        const name = shotName(shot);
        return (
          <View key={shot.id} style={{ gap: space(2) }}>
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(3) }}>
              <Image
                source={{ uri: shot.picture.url }}
                accessibilityLabel={name}
                style={{ width: 76, height: 57, borderRadius: space(2) }}
              />
              <Text style={{ flex: 1 }}>{name}</Text>
            </View>
            <View style={{ flexDirection: 'row', gap: space(2) }}>
              <Button
                label={words.back}
                accessibilityLabel={`${words.back}: ${name}`}
                onPress={() => onMove(shot)}
                style={{ flex: 1 }}
              />
              <Button
                label={words.remove}
                accessibilityLabel={`${words.remove}: ${name}`}
                onPress={() => onRemove(shot.id)}
              />
            </View>
          </View>
        );
      })}
      <Button
        label={state.taps.length === 0 ? words.addTaps : words.changeTaps(state.taps.length)}
        icon="gesture-tap"
        onPress={onTaps}
      />
    </Card>
  );
}

const shotName = ({ view, place }: Shot) =>
  place === null ? strings.views[view] : `${strings.views[view]}, ${strings.places[place]}`;
