import { Notice } from '../../foundation/kit/Notice';
import { strings } from '../../foundation/strings';

const words = strings.workOn;

/** What to say could not be worked out: everything else stands, and it is asked again in one tap. */
export function AdviceFailed({ onAgain }: { onAgain: () => void }) {
  return (
    <Notice action={{ label: strings.loading.retry, onPress: onAgain }}>
      {words.notWorkedOut}
    </Notice>
  );
}
