import { fireEvent, render } from '@testing-library/react-native';
import { DragHandle } from './DragHandle';
import { PointerSurface } from './PointerSurface';
import { SlideBar } from './SlideBar';
import { ThemeProvider } from './ThemeProvider';

const box = { left: 0, top: 0, width: 200, height: 100 };

/** A finger at a place of a drawing 200 × 100 px large. */
const finger = (clientX: number, clientY: number, pointerId = 1) => ({
  pointerId,
  clientX,
  clientY,
  buttons: 1,
  currentTarget: {
    setPointerCapture: () => undefined,
    getBoundingClientRect: () => box,
    parentElement: { getBoundingClientRect: () => box },
  },
});

const key = (name: string, shiftKey = false) => ({
  key: name,
  shiftKey,
  preventDefault: jest.fn(),
  stopPropagation: jest.fn(),
});

function handle() {
  const did = { onMove: jest.fn(), onStep: jest.fn(), onEnd: jest.fn() };
  const { getByLabelText } = render(
    <DragHandle
      label="Index"
      at={{ x: 0.5, y: 0.5 }}
      value={3.4}
      valueText="3 mm"
      min={0}
      max={10}
      {...did}
    />,
  );
  return { ...did, element: getByLabelText('Index') };
}

describe('a handle', () => {
  it('does not jump under the finger that takes hold of it', () => {
    const { element, onMove, onEnd } = handle();
    fireEvent(element, 'pointerDown', finger(110, 50));
    fireEvent(element, 'pointerMove', finger(150, 60));
    expect(onMove).toHaveBeenLastCalledWith({ x: expect.closeTo(0.7), y: expect.closeTo(0.6) });
    expect(onEnd).not.toHaveBeenCalled();
    fireEvent(element, 'pointerUp', finger(150, 60));
    expect(onEnd).toHaveBeenCalledTimes(1);
  });

  it('goes back to where it was when the browser takes the finger away, and was not let go then', () => {
    const { element, onMove, onEnd } = handle();
    fireEvent(element, 'pointerDown', finger(100, 50));
    fireEvent(element, 'pointerMove', finger(150, 50));
    fireEvent(element, 'pointerCancel', finger(150, 50));
    expect(onMove).toHaveBeenLastCalledWith({ x: 0.5, y: 0.5 });
    fireEvent(element, 'pointerUp', finger(150, 50));
    expect(onEnd).not.toHaveBeenCalled();
  });

  it('is moved by the finger that took hold of it, and by no second one', () => {
    const { element, onMove, onEnd } = handle();
    fireEvent(element, 'pointerDown', finger(100, 50, 1));
    fireEvent(element, 'pointerDown', finger(20, 20, 2));
    fireEvent(element, 'pointerMove', finger(0, 0, 2));
    fireEvent(element, 'pointerUp', finger(0, 0, 2));
    expect(onMove).not.toHaveBeenCalled();
    expect(onEnd).not.toHaveBeenCalled();
    fireEvent(element, 'pointerMove', finger(120, 50, 1));
    expect(onMove).toHaveBeenLastCalledWith({ x: expect.closeTo(0.6), y: expect.closeTo(0.5) });
  });

  it('steps by keys, further with Shift, and is a slider to those who cannot see it', () => {
    const { element, onStep } = handle();
    const right = key('ArrowRight');
    fireEvent(element, 'keyDown', right);
    fireEvent(element, 'keyDown', key('ArrowDown', true));
    fireEvent(element, 'keyDown', key('a'));
    expect(onStep.mock.calls).toEqual([[1], [-5]]);
    expect(right.preventDefault).toHaveBeenCalled();
    expect(element.props).toMatchObject({
      role: 'slider',
      'aria-valuenow': 3,
      'aria-valuetext': '3 mm',
    });
  });
});

describe('a drawing that is touched', () => {
  it('follows the first finger alone, and stays inside', () => {
    const did = { onDown: jest.fn(), onMove: jest.fn(), onUp: jest.fn(), onCancel: jest.fn() };
    const { root } = render(<PointerSurface {...did}>{null}</PointerSurface>);
    fireEvent(root, 'pointerDown', finger(100, 50, 1));
    fireEvent(root, 'pointerDown', finger(10, 10, 2));
    fireEvent(root, 'pointerMove', finger(10, 10, 2));
    fireEvent(root, 'pointerMove', finger(300, -20, 1));
    fireEvent(root, 'pointerUp', finger(10, 10, 2));
    expect(did.onDown.mock.calls).toEqual([[{ x: 0.5, y: 0.5 }]]);
    expect(did.onMove.mock.calls).toEqual([[{ x: 1, y: 0 }]]);
    expect(did.onUp).not.toHaveBeenCalled();
    fireEvent(root, 'pointerCancel', finger(300, -20, 1));
    expect(did.onCancel).toHaveBeenCalledTimes(1);
    fireEvent(root, 'pointerDown', finger(10, 10, 2));
    expect(did.onDown).toHaveBeenCalledTimes(2);
  });
});

describe('a slide bar', () => {
  const bar = (value: number) => {
    const onChange = jest.fn();
    const { getByLabelText } = render(
      <ThemeProvider>
        <SlideBar
          label="Force"
          value={value}
          valueText={`${value} N`}
          min={0}
          max={2}
          step={0.1}
          ends={['soft', 'loud']}
          onChange={onChange}
        />
      </ThemeProvider>,
    );
    return { onChange, slider: getByLabelText('Force') };
  };

  it('goes by its step with keys, and never beyond its ends', () => {
    const middle = bar(1);
    fireEvent(middle.slider, 'keyDown', key('ArrowRight'));
    expect(middle.onChange).toHaveBeenLastCalledWith(expect.closeTo(1.1));
    const end = bar(2);
    fireEvent(end.slider, 'keyDown', key('ArrowRight', true));
    expect(end.onChange).toHaveBeenLastCalledWith(2);
    fireEvent(end.slider, 'pointerDown', finger(200, 50));
    fireEvent(end.slider, 'pointerMove', finger(-50, 50));
    expect(end.onChange).toHaveBeenLastCalledWith(0);
  });
});
