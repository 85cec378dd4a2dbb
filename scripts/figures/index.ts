import { angles } from './angles';
import { balanceFigures } from './balance';
import { bends } from './bends';
import { doubts } from './doubts';
import { houseFigures } from './house';
import { stickPlaces } from './stickPlaces';

/** Every figure as SVG, by the page of docs that it stands in and its name in docs/figures. */
export const figuresOf: Record<
  'measures.md' | 'balance.md' | 'architecture.md',
  Record<string, string>
> = {
  'measures.md': { ...bends, ...stickPlaces, ...angles, ...doubts },
  'balance.md': balanceFigures,
  'architecture.md': houseFigures,
};

/** The same by name alone. */
export const figures: Record<string, string> = Object.assign({}, ...Object.values(figuresOf));
