import { pointersTo, type PointerListener } from './pointers';

type Handlers = Record<
  'onPointerDown' | 'onPointerMove' | 'onPointerUp' | 'onPointerCancel',
  (event: object) => void
>;

function watched(within?: 'parent') {
  const listener = { onDown: jest.fn(), onMove: jest.fn(), onUp: jest.fn(), onCancel: jest.fn() };
  const box = (left: number, width: number) => ({
    getBoundingClientRect: () => ({ left, top: 10, width, height: 100 }),
  });
  const element = { ...box(20, 50), parentElement: box(0, 200), setPointerCapture: jest.fn() };
  const handlers = pointersTo(() => listener as PointerListener, within) as Handlers;
  const event = (clientX: number, clientY: number, buttons = 1) => ({
    currentTarget: element,
    pointerId: 7,
    clientX,
    clientY,
    buttons,
  });
  return { listener, element, handlers, event };
}

describe('pointers on a drawing', () => {
  it('are told in px and shares of it, and followed wherever they go', () => {
    const { listener, element, handlers, event } = watched();
    handlers.onPointerDown(event(45, 60));
    expect(element.setPointerCapture).toHaveBeenCalledWith(7);
    const place = { id: 7, x: 25, y: 50, share: { x: 0.5, y: 0.5 } };
    expect(listener.onDown).toHaveBeenCalledWith(place);
    handlers.onPointerMove(event(95, 160));
    expect(listener.onMove).toHaveBeenCalledWith({
      id: 7,
      x: 75,
      y: 150,
      share: { x: 1.5, y: 1.5 },
    });
  });

  it('are told in the box that they lie in where that is asked for', () => {
    const { listener, handlers, event } = watched('parent');
    handlers.onPointerDown(event(50, 35));
    expect(listener.onDown.mock.calls[0]![0].share).toEqual({ x: 0.25, y: 0.25 });
  });

  it('only pass over while no button is held, and end by being lifted or taken away', () => {
    const { listener, handlers, event } = watched();
    handlers.onPointerMove(event(50, 50, 0));
    expect(listener.onMove).not.toHaveBeenCalled();
    handlers.onPointerUp(event(50, 50));
    handlers.onPointerCancel(event(50, 50));
    expect([listener.onUp.mock.calls, listener.onCancel.mock.calls]).toEqual([[[7]], [[7]]]);
  });
});
