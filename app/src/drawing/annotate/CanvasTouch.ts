import type { Vec2 } from '@open-palm/core/units';
import type { ToolEvent } from './tool/toolTypes';

/** What the gestures on the picture lead to; places are px of the picture's box. */
export interface CanvasListener {
  onTool: (event: ToolEvent) => void;
  onZoom: (factor: number, about: Vec2) => void;
  onPan: (by: Vec2) => void;
}

/**
 * What the fingers on the picture are doing. Gestures tell it how far they have come since they began; it tells the
 * listener what is new. A second finger cancels what the first had begun, so that zooming never leaves a stray point.
 */
export class CanvasTouch {
  #listener: CanvasListener | null = null;
  #at: Vec2 | null = null;
  #scale = 1;
  #moved: Vec2 = { x: 0, y: 0 };

  listen(listener: CanvasListener): void {
    this.#listener = listener;
  }

  down({ x, y }: Vec2): void {
    this.#at = { x, y };
    this.#listener?.onTool({ type: 'down', at: this.#at });
  }

  move({ x, y }: Vec2): void {
    if (!this.#at) return;
    this.#at = { x, y };
    this.#listener?.onTool({ type: 'move', at: this.#at });
  }

  up(): void {
    if (!this.#at) return;
    const at = this.#at;
    this.#at = null;
    this.#listener?.onTool({ type: 'up', at });
  }

  cancel(): void {
    if (!this.#at) return;
    this.#at = null;
    this.#listener?.onTool({ type: 'cancel' });
  }

  pinchStart(): void {
    this.#scale = 1;
    this.cancel();
  }

  /** @param scale how far the fingers have spread since the start, 1 being not at all */
  pinch(scale: number, about: Vec2): void {
    const factor = scale / this.#scale;
    this.#scale = scale;
    this.#listener?.onZoom(factor, about);
  }

  /** @param factor of one turn of the wheel */
  wheel(factor: number, about: Vec2): void {
    this.#listener?.onZoom(factor, about);
  }

  /** @param by of one turn of the wheel, px */
  wheelPan(by: Vec2): void {
    this.#listener?.onPan(by);
  }

  panStart(): void {
    this.#moved = { x: 0, y: 0 };
  }

  /** @param moved how far the fingers have come since the start, px */
  pan(moved: Vec2): void {
    const by = { x: moved.x - this.#moved.x, y: moved.y - this.#moved.y };
    this.#moved = moved;
    this.#listener?.onPan(by);
  }
}
