import { Button } from '../../../foundation/kit/Button';
import { strings } from '../../../foundation/strings';

const words = strings.result;

/** What is done with a result: another picture, then it is kept; in watch mode its verdicts are shown first. */
export function ResultFooter({
  mayPicture,
  hides,
  saving,
  onPicture,
  onFinish,
  onSave,
}: {
  mayPicture: boolean;
  /** Whether verdicts wait until the look is done. */
  hides: boolean;
  saving: boolean;
  onPicture: () => void;
  /** The look is done: verdicts may be seen. */
  onFinish: () => void;
  onSave: () => void;
}) {
  return (
    <>
      {mayPicture ? (
        <Button label={words.addPicture} icon="camera-plus-outline" onPress={onPicture} />
      ) : null}
      {hides ? (
        <Button label={strings.watching.finish} primary onPress={onFinish} style={{ flex: 1 }} />
      ) : (
        <Button
          label={saving ? words.saving : words.save}
          primary
          busy={saving}
          disabled={saving}
          onPress={onSave}
          style={{ flex: 1 }}
        />
      )}
    </>
  );
}
