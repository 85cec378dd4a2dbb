import { fireEvent, render, screen } from '@testing-library/react-native';
import { View } from 'react-native';
import { PointerArea } from './PointerArea';

/** A drawing that is touched, and what was taken of it. */
function shown(value: number | null) {
  const onTake = jest.fn();
  render(
    <PointerArea
      label="Ring finger"
      value={value}
      valueText=""
      min={0}
      max={3}
      onMove={() => undefined}
      onTake={onTake}
      onStep={() => undefined}
    >
      <View testID="drawing" />
    </PointerArea>,
  );
  return onTake;
}

function area(value: number | null) {
  const onTake = shown(value);
  fireEvent(screen.getByLabelText('Ring finger'), 'keyDown', {
    key: 'Enter',
    shiftKey: false,
    preventDefault: () => undefined,
    stopPropagation: () => undefined,
  });
  return onTake;
}

/** A pointer as the web tells it, at a place of an area 100 px wide and high. */
const pointer = (clientX: number, clientY: number) => ({
  pointerId: 1,
  buttons: 1,
  clientX,
  clientY,
  currentTarget: {
    setPointerCapture: () => undefined,
    getBoundingClientRect: () => ({ left: 0, top: 0, width: 100, height: 100 }),
  },
});

describe('a drawing that is touched', () => {
  it('gives the place where the finger lifts, also where nothing was drawn anew since it came down', () => {
    const onTake = shown(null);
    const drawing = screen.getByTestId('drawing');
    fireEvent(drawing, 'pointerDown', pointer(50, 80));
    fireEvent(drawing, 'pointerMove', pointer(50, 20));
    fireEvent(drawing, 'pointerUp', pointer(50, 20));
    expect(onTake.mock.calls).toEqual([[{ x: 0.5, y: 0.2 }]]);
  });

  it('gives what was chosen', () => {
    expect(area(1.4)).toHaveBeenCalledTimes(1);
  });

  it('gives nothing that nobody chose', () => {
    expect(area(null)).not.toHaveBeenCalled();
  });
});
