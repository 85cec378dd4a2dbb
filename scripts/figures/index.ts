import { angles } from './angles';
import { bends } from './bends';
import { doubts } from './doubts';
import { stickPlaces } from './stickPlaces';

/** Every figure of docs/measures.md as SVG, by its name in docs/figures. */
export const figures: Record<string, string> = { ...bends, ...stickPlaces, ...angles, ...doubts };
