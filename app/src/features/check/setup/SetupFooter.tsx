import { Button } from '../../../foundation/kit/Button';
import { strings } from '../../../foundation/strings';
import { lookWay } from '../look/lookWay';
import type { StepProps } from '../steps/stepProps';

const words = strings.check;

/** How the look goes on: a picture, its points, or by touching the drawn hand. How it began is remembered for the next one. */
export function SetupFooter({
  mayPicture,
  hasPicture,
  isFirst,
  busy,
  send,
}: Pick<StepProps, 'send'> & {
  mayPicture: boolean;
  hasPicture: boolean;
  /** Nothing of the look was told yet. */
  isFirst: boolean;
  busy: boolean;
}) {
  const take = () => {
    lookWay.set('camera');
    send({ type: 'askPicture' });
  };
  const touch = () => {
    if (isFirst) lookWay.set('tap');
    send({ type: 'touch' });
  };
  if (hasPicture) {
    return (
      <>
        <Button label={words.otherPicture} onPress={take} />
        <Button
          label={words.place}
          primary
          disabled={busy}
          onPress={() => send({ type: 'mark' })}
          style={{ flex: 1 }}
        />
      </>
    );
  }
  return (
    <>
      <Button
        label={words.byTap}
        icon="gesture-tap"
        primary={!mayPicture}
        onPress={touch}
        {...(mayPicture ? {} : { style: { flex: 1 } })}
      />
      {mayPicture ? (
        <Button
          label={words.picture}
          icon="camera-outline"
          primary
          onPress={take}
          style={{ flex: 1 }}
        />
      ) : null}
    </>
  );
}
