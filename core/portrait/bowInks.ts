import type { BowStuff } from './bowFaces';

/** The drawn bow's colours by material: in shade, plain, toward the light. The same on every ground. */
export const BOW_INKS: Readonly<Record<BowStuff, readonly [string, string, string]>> = {
  wood: ['#5C2C14', '#7A3E1D', '#97582F'],
  frog: ['#171410', '#26221D', '#3D3730'],
  metal: ['#8F897D', '#B9B3A4', '#D8D4C8'],
  leather: ['#2A221D', '#3B322A', '#51463C'],
  winding: ['#6D6657', '#8E8674', '#AAA38F'],
  hair: ['#C9BFA6', '#EFE7D3', '#F7F1E2'],
  pearl: ['#CFC9BD', '#E9E4DA', '#F4F0E8'],
  paint: ['#B0741F', '#D69A3C', '#EBBB6C'],
  graphite: ['#1E1B16', '#35302A', '#4A443C'],
};

/** The line round the bow. */
export const BOW_LINE = '#2B1A0F';
