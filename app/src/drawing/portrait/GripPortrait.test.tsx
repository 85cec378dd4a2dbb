import { render, screen } from '@testing-library/react-native';
import { holdById } from '@open-palm/core/holds';
import { GripPortrait, type PortraitNumbers } from './GripPortrait';

const numbers: PortraitNumbers = {
  hold: holdById('violin-shallow'),
  side: 'right',
  skinTone: 'clay',
  contacts: {
    thumbXMm: null,
    fingers: {
      index: { xMm: 27, u: 2.2, dMm: 0, touching: true },
      middle: { xMm: 6, u: 1.2, dMm: 0, touching: true },
      ring: null,
      little: null,
    },
  },
  thumbIpFlexionDeg: null,
  verdicts: { indexDepth: 'high', middleDepth: 'in' },
};

/** Horizontal places of the drawn marks' letters, by letter. */
function marks(side: 'right' | 'left'): Record<string, number> {
  const { toJSON } = render(<GripPortrait numbers={{ ...numbers, side }} label="A grip" />);
  const found: Record<string, number> = {};
  const visit = (node: unknown): void => {
    if (!node || typeof node !== 'object') return;
    const { type, props, children } = node as {
      type: string;
      props: { x?: number[]; content?: string };
      children: unknown[] | null;
    };
    if (type === 'RNSVGText') {
      const letter = JSON.stringify(children).match(/"content":"(\w)"/)?.[1];
      if (letter && props.x) found[letter] = Number(props.x[0]);
    }
    children?.forEach(visit);
  };
  visit(toJSON());
  return found;
}

describe('GripPortrait', () => {
  it('says what it shows', () => {
    render(<GripPortrait numbers={numbers} label="How Wilma holds the bow" />);
    expect(screen.getByLabelText('How Wilma holds the bow')).toBeTruthy();
  });

  it('puts a mark for every finger and the thumb, the index toward the tip', () => {
    const right = marks('right');
    expect(Object.keys(right).sort()).toEqual(['1', '2', '3', '4', 'T']);
    expect(right['1']).toBe(27);
    expect(right['1']!).toBeGreaterThan(right['2']!);
  });

  it('mirrors a left hand', () => {
    expect(marks('left')['1']).toBe(-27);
  });
});
