declare module 'fili' {
  /** A section of second order: b over 1 + a[0]·z⁻¹ + a[1]·z⁻². */
  interface Section {
    a: number[];
    b: number[];
    k: number;
  }
  export class CalcCascades {
    lowpass(design: {
      order: number;
      characteristic: 'butterworth';
      Fs: number;
      Fc: number;
      gain: number;
      preGain: boolean;
    }): Section[];
  }
  export class IirFilter {
    constructor(sections: Section[]);
    multiStep(samples: number[]): number[];
  }
}
