import { fillDataDir } from './studio';

/** Fills the demo studio once before all journeys, so that no worker does it for itself. */
export default async function fillStudio(): Promise<void> {
  process.env.OPEN_PALM_FILLED_DIR = await fillDataDir();
}
