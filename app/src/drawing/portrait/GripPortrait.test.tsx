import { act, fireEvent, render, screen, waitFor } from '@testing-library/react-native';
import { GripDrawer, type GripOrder } from '@open-palm/core/portrait';
import { holdById } from '@open-palm/core/holds';
import { GripPortrait } from './GripPortrait';
import type { PortraitNumbers } from './portraitNumbers';

const mockDrawer = new GripDrawer();
const mockOrders: GripOrder[] = [];
jest.mock('../../foundation/workers/askPortrait', () => ({
  askPortrait: async (order: GripOrder) => {
    mockOrders.push(order);
    return mockDrawer.draw(order);
  },
}));

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
  measures: {},
  verdicts: { indexDepth: 'high', middleDepth: 'in' },
};

interface Drawn {
  type: string;
  props: { x?: number[]; d?: string; r?: number | string };
  children: Drawn[] | null;
}

/** Every node of what is drawn. */
function all(node: Drawn): Drawn[] {
  return [node, ...(node.children ?? []).filter((one) => one?.type).flatMap(all)];
}

/** Horizontal places of the drawn marks' letters, by letter. */
async function marks(side: 'right' | 'left'): Promise<Record<string, number>> {
  const { toJSON, unmount } = render(
    <GripPortrait numbers={{ ...numbers, side }} label="A grip" view="fingerSide" />,
  );
  const isDrawn = () => all(toJSON() as unknown as Drawn).some(({ type }) => type === 'RNSVGText');
  await waitFor(() => expect(isDrawn()).toBe(true));
  const found: Record<string, number> = {};
  for (const { type, props, children } of all(toJSON() as unknown as Drawn)) {
    const letter = JSON.stringify(children ?? '').match(/"content":"(\w)"/)?.[1];
    if (type === 'RNSVGText' && letter && props.x) found[letter] = Number(props.x[0]);
  }
  unmount();
  return found;
}

describe('GripPortrait', () => {
  it('says what it shows, before it is drawn as well', async () => {
    render(<GripPortrait numbers={numbers} label="How Wilma holds the bow" />);
    expect(screen.getByLabelText('How Wilma holds the bow')).toBeTruthy();
    await act(async () => undefined);
    expect(screen.getByLabelText('How Wilma holds the bow')).toBeTruthy();
  });

  it('puts a mark for every finger and the thumb, the index toward the tip, and mirrors a left hand', async () => {
    const right = await marks('right');
    expect(Object.keys(right).sort()).toEqual(['1', '2', '3', '4', 'T']);
    expect(right['1']!).toBeGreaterThan(right['2']!);
    expect(right['2']!).toBeGreaterThan(right['4']!);
    const left = await marks('left');
    expect(left['1']! + right['1']!).toBeCloseTo(150, 1);
  });

  it('lays only the part in question of the wanted hand over it', async () => {
    render(<GripPortrait numbers={numbers} label="A grip" inQuestion={['thumb']} />);
    fireEvent.press(await screen.findByLabelText('Show the hand that the hold wants'));
    await waitFor(() =>
      expect(mockOrders.at(-1)).toMatchObject({ beside: 'target', besideOnly: ['thumb'] }),
    );
  });

  it('tells what does not go together in one hand, and nothing where all does', async () => {
    const measures = { gap12: 12, gap23: 12, gap34: 12, spread: 70 };
    render(<GripPortrait numbers={{ ...numbers, measures }} label="A grip" />);
    await screen.findByText(/^These do not go together in one hand.*drawn/);
    screen.unmount();
    render(<GripPortrait numbers={numbers} label="A grip" />);
    await waitFor(() => expect(screen.queryByTestId('drawing-waits')).toBeNull());
    expect(screen.queryByText(/do not go together/)).toBeNull();
  });

  it('rings the joint of a finger that was seen and whose bend was not measured', async () => {
    const rings = async (measures: PortraitNumbers['measures']) => {
      const { toJSON, unmount } = render(
        <GripPortrait numbers={{ ...numbers, measures }} label="A grip" view="fingerSide" />,
      );
      const drawn = () => all(toJSON() as unknown as Drawn);
      await waitFor(() => expect(drawn().some(({ type }) => type === 'RNSVGText')).toBe(true));
      const count = drawn().filter(
        ({ type, props }) => type === 'RNSVGCircle' && Number(props.r) < 3,
      ).length;
      unmount();
      return count;
    };
    expect(await rings({})).toBe(2);
    expect(await rings({ indexPipFlexion: 45 })).toBe(1);
  });
});
