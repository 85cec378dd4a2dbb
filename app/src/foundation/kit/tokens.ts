/** Colours and sizes of the look; text on its ground has a contrast of at least 4.5 to 1. */
export interface Tokens {
  dark: boolean;
  ground: string;
  card: string;
  line: string;
  ink: string;
  inkSecond: string;
  amber: string;
  amberInk: string;
  amberGround: string;
  in: string;
  unsure: string;
  out: string;
  notSeen: string;
  /** Text on a filled state mark or a primary button. */
  onState: string;
  wood: string;
  woodLight: string;
  frog: string;
  leather: string;
  winding: string;
  metal: string;
  hair: string;
}

export const LIGHT: Tokens = {
  dark: false,
  ground: '#FAF6EE',
  card: '#FFFDF8',
  line: '#E4DAC7',
  ink: '#1E1B16',
  inkSecond: '#5A5247',
  amber: '#B4690E',
  amberInk: '#6B4308',
  amberGround: '#F8E9CF',
  in: '#0F766E',
  unsure: '#8A6100',
  out: '#A8321A',
  notSeen: '#6B6358',
  onState: '#FFFFFF',
  wood: '#7A3E1D',
  woodLight: '#9A5830',
  frog: '#26221D',
  leather: '#3B322A',
  winding: '#8E8674',
  metal: '#B9B3A4',
  hair: '#EFE7D3',
};

export const DARK: Tokens = {
  dark: true,
  ground: '#17140F',
  card: '#211D17',
  line: '#3A342A',
  ink: '#F3ECDF',
  inkSecond: '#B9AE9C',
  amber: '#E0A050',
  amberInk: '#F2D3A2',
  amberGround: '#3A2C16',
  in: '#4FB8AC',
  unsure: '#D9A93A',
  out: '#E8836B',
  notSeen: '#A79C8B',
  onState: '#17140F',
  wood: '#8F4C26',
  woodLight: '#B06A3D',
  frog: '#0E0C09',
  leather: '#4A4036',
  winding: '#9A927F',
  metal: '#C9C3B4',
  hair: '#D8CFBA',
};

/** Spacing goes in steps of 4. */
export const space = (steps: number) => steps * 4;

export const RADIUS = 16;

/** The widest that running text and its controls get, px. */
export const READING_WIDTH = 720;

/** The least size of anything that is touched. */
export const TOUCH = 52;

export const FONTS = {
  display: 'Besley_600SemiBold',
  text: 'AtkinsonHyperlegibleNext_400Regular',
  strong: 'AtkinsonHyperlegibleNext_600SemiBold',
} as const;

/** From this width on, list and detail are shown side by side. */
export const WIDE_PX = 900;
