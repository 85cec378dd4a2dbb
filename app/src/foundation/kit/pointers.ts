/** Where a pointer is: px from the left top of a box, and as shares of its width and height. */
export interface PointerPlace {
  /** Which finger, pen or mouse it is. */
  id: number;
  x: number;
  y: number;
  share: AreaPoint;
}

/** Where a finger is in an area, as shares of its width and height. */
export interface AreaPoint {
  x: number;
  y: number;
}

/** What is made of pointers. Each one that came down goes up or is cancelled, and never both. */
export interface PointerListener {
  onDown: (place: PointerPlace) => void;
  onMove: (place: PointerPlace) => void;
  onUp: (id: number) => void;
  /** The browser took it away: a call, a gesture of the system, a second hand. What it had begun is not meant. */
  onCancel: (id: number) => void;
}

/**
 * The one way in which fingers, pens and the mouse reach a drawing. A pointer that came down is followed wherever it goes until it is
 * lifted.
 *
 * @param within the box that places are told in: of the element itself, or of the one that it lies in
 * @returns props for a View; pointer events as the web has them, which React Native's own types know otherwise
 */
export function pointersTo(
  listener: () => PointerListener,
  within: 'itself' | 'parent' = 'itself',
): object {
  const placeOf = (event: PointerEvent): PointerPlace => {
    const element = event.currentTarget as HTMLElement;
    const box = (within === 'itself' ? element : element.parentElement!).getBoundingClientRect();
    const [x, y] = [event.clientX - box.left, event.clientY - box.top];
    return { id: event.pointerId, x, y, share: { x: x / box.width, y: y / box.height } };
  };
  return {
    onPointerDown: (event: PointerEvent) => {
      (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
      listener().onDown(placeOf(event));
    },
    onPointerMove: (event: PointerEvent) => {
      if (event.buttons > 0) listener().onMove(placeOf(event));
    },
    onPointerUp: (event: PointerEvent) => listener().onUp(event.pointerId),
    onPointerCancel: (event: PointerEvent) => listener().onCancel(event.pointerId),
  };
}
