/** What a drawn hand is painted with. */
export interface Skin {
  fill: string;
  /** Turned from the light, and in the deepest shade. */
  shade: string;
  deep: string;
  /** Where the light lies. */
  gleam: string;
  /** A part that lies behind. */
  behind: string;
  line: string;
  nail: string;
}

/** Tones of the drawn hand, the same on screens and on paper; the student's file chooses. */
export const SKINS = {
  clay: {
    fill: '#DDB08E',
    shade: '#C8966F',
    deep: '#AC7A55',
    gleam: '#EBC8AA',
    behind: '#CC9C79',
    line: '#6F4527',
    nail: '#EFD3BF',
  },
  sand: {
    fill: '#F0CFB1',
    shade: '#DDB38F',
    deep: '#C39470',
    gleam: '#F9E2CC',
    behind: '#E0BA99',
    line: '#845636',
    nail: '#FAE7DA',
  },
  amber: {
    fill: '#CC9467',
    shade: '#B27848',
    deep: '#935E33',
    gleam: '#DDAE87',
    behind: '#B98054',
    line: '#5E371B',
    nail: '#E4BE9F',
  },
  umber: {
    fill: '#99653F',
    shade: '#7E4F2D',
    deep: '#643B1F',
    gleam: '#B07E58',
    behind: '#855433',
    line: '#43250F',
    nail: '#C29A7C',
  },
  ebony: {
    fill: '#6A4229',
    shade: '#54321D',
    deep: '#402412',
    gleam: '#82583C',
    behind: '#5A3620',
    line: '#28140A',
    nail: '#9A7459',
  },
} as const satisfies Record<string, Skin>;
