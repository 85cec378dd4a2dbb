import { useEffect } from 'react';
import type { Access } from '@open-palm/contract';
import { loadAccess } from '../../foundation/api/access';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { doorWords } from '../../foundation/strings/door';

const words = doorWords.pair;
/** How often it asks whether it was let in, ms. */
const ASKED_MS = 1500;

/** A device that waits for the owner: both screens show the same number. */
export function Asks({ access: { device } }: { access: Access }) {
  const tokens = useTokens();
  useEffect(() => {
    const timer = setInterval(() => void loadAccess().catch(() => undefined), ASKED_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <Screen>
      <Text variant="title">{words.asksTitle}</Text>
      <Text>{words.asksText}</Text>
      <Text
        variant="title"
        color={tokens.amberInk}
        style={{ fontSize: 56, lineHeight: 72, letterSpacing: 8 }}
      >
        {device?.sign ?? ''}
      </Text>
      <Text>{words.asksHelp}</Text>
    </Screen>
  );
}
