import { router } from 'expo-router';
import type { HandFile } from '@open-palm/contract';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { useWide } from '../../foundation/kit/useWide';
import type { Skin } from '@open-palm/core/portrait/skins';
import { strokeWords } from '../../foundation/strings/stroke';
import { WristPortraits, type PlacedWrists } from './WristPortraits';

const words = strokeWords;

/** The wrist as the looks saw it at heel, middle and point: three stills, each the newest of its place. */
export function StillsCard({ handFile, skin }: { handFile: HandFile; skin: Skin }) {
  const { student, setupId } = handFile;
  const wide = useWide();
  const wrists = stillsOf(handFile);
  const any = Object.values(wrists).some((wrist) => wrist !== null);
  return (
    <Card style={{ gap: space(2), ...(wide ? { flex: 1 } : {}) }}>
      <Text variant="strong" level={2}>
        {words.stills.title}
      </Text>
      {any ? (
        <WristPortraits wrists={wrists} skin={skin} mirrored={student.side === 'left'} />
      ) : null}
      <Text variant="small" second>
        {any ? words.stills.help : words.stills.missing}
      </Text>
      <Button
        label={words.stills.look}
        icon="camera-outline"
        onPress={() => router.navigate(`/students/${student.id}/check?setup=${setupId}`)}
      />
    </Card>
  );
}

/** The newest flexion of the wrist at each place. */
export function stillsOf({ lastSeen }: Pick<HandFile, 'lastSeen'>): PlacedWrists {
  const at = (place: 'heel' | 'middle' | 'point') => {
    const found = lastSeen
      .map(({ latest }) => latest.merged)
      .find(({ measure, place: seen }) => measure.id === 'wristFlexion' && seen === place);
    return found?.measure.kind === 'number'
      ? { deg: found.measure.value, sd: found.measure.sd }
      : null;
  };
  return { heel: at('heel'), middle: at('middle'), point: at('point') };
}
