import { CanvasTouch } from './CanvasTouch';

function watched() {
  const seen: unknown[] = [];
  const touch = new CanvasTouch();
  touch.listen({
    onTool: (event) => seen.push(event),
    onZoom: (factor) => seen.push({ zoom: factor }),
    onPan: (by) => seen.push({ pan: by }),
  });
  return { touch, seen };
}

describe('CanvasTouch', () => {
  it('lets go where the finger last was', () => {
    const { touch, seen } = watched();
    touch.down({ x: 1, y: 2 });
    touch.move({ x: 5, y: 6 });
    touch.up();
    touch.up();
    expect(seen.slice(1)).toEqual([
      { type: 'move', at: { x: 5, y: 6 } },
      { type: 'up', at: { x: 5, y: 6 } },
    ]);
  });

  it('gives up what one finger began when a second one pinches', () => {
    const { touch, seen } = watched();
    touch.down({ x: 1, y: 2 });
    touch.pinchStart();
    touch.up();
    expect(seen.map((event) => (event as { type: string }).type)).toEqual(['down', 'cancel']);
  });

  it('tells zoom and pan step by step, though gestures tell them since their start', () => {
    const { touch, seen } = watched();
    touch.pinchStart();
    touch.pinch(2, { x: 0, y: 0 });
    touch.pinch(3, { x: 0, y: 0 });
    touch.panStart();
    touch.pan({ x: 10, y: 0 });
    touch.pan({ x: 14, y: -3 });
    expect(seen).toEqual([
      { zoom: 2 },
      { zoom: 1.5 },
      { pan: { x: 10, y: 0 } },
      { pan: { x: 4, y: -3 } },
    ]);
  });
});
