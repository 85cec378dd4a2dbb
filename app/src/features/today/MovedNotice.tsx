import { router } from 'expo-router';
import { useAccess } from '../../foundation/api/accessState';
import { Notice } from '../../foundation/kit/Notice';
import { strings } from '../../foundation/strings';

const words = strings.today.moved;

/** That the studio has another address now than this page has: told while the old one still answers. */
export function MovedNotice() {
  const access = useAccess();
  const [now] = access?.origins ?? [];
  const { origin } = window.location;
  if (!access || access.isLocal || now === undefined || access.origins.includes(origin))
    return null;
  return (
    <Notice
      title={words.title}
      action={{ label: words.take, onPress: () => router.navigate('/waiting') }}
    >
      {words.text(now)}
    </Notice>
  );
}
