import type { SkinTone } from '@open-palm/contract';

export interface Skin {
  fill: string;
  /** The thumb, which lies behind. */
  behind: string;
  line: string;
  nail: string;
}

/** Tones of the drawn hand; the student's file chooses. */
export const SKINS: Record<SkinTone, Skin> = {
  clay: { fill: '#DDB08E', behind: '#CC9C79', line: '#6F4527', nail: '#EBCBB3' },
  sand: { fill: '#F0CFB1', behind: '#E0BA99', line: '#845636', nail: '#F8E3D2' },
  amber: { fill: '#CC9467', behind: '#B98054', line: '#5E371B', nail: '#E0B694' },
  umber: { fill: '#99653F', behind: '#855433', line: '#43250F', nail: '#BA8A65' },
  ebony: { fill: '#6A4229', behind: '#5A3620', line: '#28140A', nail: '#8D6449' },
};
