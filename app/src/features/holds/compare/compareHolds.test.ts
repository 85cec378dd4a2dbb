import { holdById } from '@open-palm/core/holds';
import { compareHolds } from './compareHolds';

const compared = (a: string, b: string) =>
  new Map(
    compareHolds([holdById(a), holdById(b)]).flatMap(({ measures }) =>
      measures.map((measure) => [measure.id, measure] as const),
    ),
  );

describe('compareHolds', () => {
  it('shows where the deep and the shallow index part', () => {
    const index = compared('violin-shallow', 'violin-deep').get('indexDepth')!;
    expect(index.differs).toBe(true);
    expect(index.wanted.map((one) => one?.band)).toEqual([
      { lo: 1.1, hi: 1.9 },
      { lo: 2, hi: 2.9 },
    ]);
    expect(index.wanted[1]!.standing).toEqual({ published: expect.stringContaining('Flesch') });
  });

  it('shows where they agree, and what only one of them judges', () => {
    const measures = compared('violin-shallow', 'violin-deep');
    expect(measures.get('thumbMcpFlexion')!.differs).toBe(false);
    expect(measures.get('indexLead')!.wanted[1]).toBeNull();
    expect(measures.get('indexLead')!.differs).toBe(false);
    expect(measures.get('wristFlexion')!.wanted[0]).toMatchObject({ differsAlongBow: true });
  });

  it('leaves out what neither judges', () => {
    expect(compared('violin-shallow', 'violin-deep').has('gapEvenness')).toBe(false);
  });
});
