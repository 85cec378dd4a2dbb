import { router } from 'expo-router';
import { useAccess } from '../../foundation/api/accessState';
import { Notice } from '../../foundation/kit/Notice';
import { movedTo } from './movedTo';
import { strings } from '../../foundation/strings';

const words = strings.today.moved;

/** That the studio has another address now than this page has: told while the old one still answers. */
export function MovedNotice() {
  const now = movedTo(useAccess(), window.location.origin);
  if (now === null) return null;
  return (
    <Notice
      title={words.title}
      action={{ label: words.take, onPress: () => router.navigate('/waiting') }}
    >
      {words.text(now)}
    </Notice>
  );
}
