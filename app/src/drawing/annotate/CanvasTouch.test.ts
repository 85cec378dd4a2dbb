import { CanvasTouch } from './CanvasTouch';

function watched() {
  const seen: unknown[] = [];
  const touch = new CanvasTouch();
  touch.listen({
    onTool: (event) => seen.push(event),
    onZoom: (factor, about) => seen.push({ zoom: factor, about }),
    onPan: (by) => seen.push({ pan: by }),
  });
  const place = (id: number, x: number, y: number) => ({ id, x, y, share: { x: 0, y: 0 } });
  return {
    seen,
    types: () => seen.map((event) => (event as { type?: string }).type),
    down: (id: number, x: number, y: number) => touch.onDown(place(id, x, y)),
    move: (id: number, x: number, y: number) => touch.onMove(place(id, x, y)),
    up: (id: number) => touch.onUp(id),
    cancel: (id: number) => touch.onCancel(id),
  };
}

describe('CanvasTouch', () => {
  it('lets go where the finger last was, once', () => {
    const { down, move, up, seen } = watched();
    down(1, 1, 2);
    move(1, 5, 6);
    up(1);
    up(1);
    expect(seen.slice(1)).toEqual([
      { type: 'move', at: { x: 5, y: 6 } },
      { type: 'up', at: { x: 5, y: 6 } },
    ]);
  });

  it('gives up what one finger began when a second one comes, or when the browser takes it away', () => {
    const two = watched();
    two.down(1, 1, 2);
    two.down(2, 50, 2);
    two.up(2);
    two.move(1, 9, 9);
    two.up(1);
    expect(two.types()).toEqual(['down', 'cancel']);

    const taken = watched();
    taken.down(1, 1, 2);
    taken.move(1, 3, 4);
    taken.cancel(1);
    taken.up(1);
    taken.down(2, 7, 7);
    expect(taken.types()).toEqual(['down', 'move', 'cancel', 'down']);
  });

  it('zooms about the middle between two fingers and pans with it, step by step', () => {
    const { down, move, seen } = watched();
    down(1, 0, 0);
    down(2, 10, 0);
    move(2, 20, 0);
    move(1, 0, 10);
    expect(seen.slice(2)).toEqual([
      { zoom: 2, about: { x: 10, y: 0 } },
      { pan: { x: 5, y: 0 } },
      { zoom: Math.hypot(20, 10) / 20, about: { x: 10, y: 5 } },
      { pan: { x: 0, y: 5 } },
    ]);
  });

  it('does not zoom to nothing when two fingers lie on one spot', () => {
    const { down, move, seen } = watched();
    down(1, 5, 5);
    down(2, 5, 5);
    move(2, 9, 5);
    expect(seen.slice(2)).toEqual([{ pan: { x: 2, y: 0 } }]);
  });
});
