import { holdById } from '../holds';
import { bandIssues, bandLimits, findHoldIssues } from './bandLimits';

const code = (...args: Parameters<typeof bandIssues>) => bandIssues(...args)[0]?.code;

describe('a band moved by a teacher', () => {
  it('may lie anywhere that anatomy allows', () => {
    expect(code('thumbIpFlexion', { lo: -40, hi: 95 }, 'x')).toBeUndefined();
    expect(code('indexDepth', { lo: 0, hi: 3 }, 'x')).toBeUndefined();
    expect(code('indexLead', { lo: 20 }, 'x')).toBeUndefined();
  });

  it('is refused upside down, beyond anatomy, and of the wrong kind', () => {
    expect(code('thumbIpFlexion', { lo: 50, hi: 20 }, 'x')).toBe('bandUpsideDown');
    expect(code('thumbIpFlexion', { lo: 20, hi: 96 }, 'x')).toBe('bandBeyondAnatomy');
    expect(code('indexDepth', { lo: -0.1, hi: 2 }, 'x')).toBe('bandBeyondAnatomy');
    expect(code('indexDepth', { allowed: ['top'] }, 'x')).toBe('unknownAnswer');
    expect(code('littlePlace', { lo: 1 }, 'x')).toBe('unknownAnswer');
    expect(code('littlePlace', { allowed: ['nowhere'] }, 'x')).toBe('unknownAnswer');
  });

  it('knows a joint’s own limits', () => {
    expect(bandLimits('littleDipFlexion')).toEqual({ lo: -30, hi: 95 });
    expect(bandLimits('handLean')).toEqual({ lo: -90, hi: 90 });
  });
});

describe('findHoldIssues', () => {
  it('names the checkpoint, along the bow as well', () => {
    const hold = structuredClone(holdById('violin-shallow'));
    hold.checkpoints.wristFlexion = {
      byPlace: { heel: { lo: 0, hi: 35 }, point: { lo: -300, hi: 0 } },
      standing: 'own',
    };
    expect(findHoldIssues(hold).map(({ where }) => where)).toEqual(['checkpoints.wristFlexion']);
  });

  it('misses no measure and suffers no stranger', () => {
    const hold = structuredClone(holdById('cello'));
    delete hold.checkpoints.spread;
    hold.checkpoints.toeTap = { shownWithoutVerdict: true };
    expect(findHoldIssues(hold).map(({ where }) => where)).toEqual([
      'checkpoints.toeTap',
      'checkpoints.spread',
    ]);
  });
});
