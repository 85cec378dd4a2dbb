import { lockSession } from './access';
import { drawCurtain } from './accessState';

/** Hides the screen and suspends the session; where the studio cannot be reached it is a curtain only, until it can. */
export async function lockScreen(): Promise<void> {
  drawCurtain(true);
  try {
    await lockSession();
    // From here on the studio itself keeps it shut.
    drawCurtain(false);
  } catch {
    // The curtain stays, and says that it is no more than one.
  }
}
