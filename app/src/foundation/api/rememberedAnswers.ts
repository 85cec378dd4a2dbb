/** Where the service worker keeps the studio's last answers. */
const REMEMBERED_ANSWERS = 'studio-answers';

/** Forgets what this device remembers of students. */
export function forgetRememberedAnswers(): void {
  if (typeof caches !== 'undefined') void caches.delete(REMEMBERED_ANSWERS).catch(() => false);
}
