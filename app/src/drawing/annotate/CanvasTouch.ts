import type { Vec2 } from '@open-palm/core/units';
import type { PointerListener, PointerPlace } from '../../foundation/kit/pointers';
import type { ToolEvent } from './tool/toolTypes';

/** What fingers on the picture lead to; places are px of the picture's box. */
export interface CanvasListener {
  onTool: (event: ToolEvent) => void;
  onZoom: (factor: number, about: Vec2) => void;
  onPan: (by: Vec2) => void;
}

/**
 * What the fingers on the picture are doing: one, or the mouse, works the tool; two zoom and pan. A second finger cancels what the
 * first had begun, so that zooming never leaves a stray point; the one that stays when the other is lifted begins nothing.
 */
export class CanvasTouch implements PointerListener {
  #listener: CanvasListener | null = null;
  readonly #down = new Map<number, Vec2>();
  /** The finger that works the tool, and where it last was. */
  #working: { id: number; at: Vec2 } | null = null;

  listen(listener: CanvasListener): void {
    this.#listener = listener;
  }

  onDown = ({ id, x, y }: PointerPlace): void => {
    const at = { x, y };
    this.#down.set(id, at);
    if (this.#down.size > 1) return this.#giveUp();
    this.#working = { id, at };
    this.#listener?.onTool({ type: 'down', at });
  };

  onMove = ({ id, x, y }: PointerPlace): void => {
    if (!this.#down.has(id)) return;
    const before = this.#spread();
    const at = { x, y };
    this.#down.set(id, at);
    if (this.#working?.id === id) {
      this.#working = { id, at };
      this.#listener?.onTool({ type: 'move', at });
      return;
    }
    const after = this.#spread();
    if (!before || !after) return;
    if (before.apart > 0) this.#listener?.onZoom(after.apart / before.apart, after.middle);
    const { middle } = after;
    this.#listener?.onPan({ x: middle.x - before.middle.x, y: middle.y - before.middle.y });
  };

  onUp = (id: number): void => {
    this.#down.delete(id);
    if (this.#working?.id !== id) return;
    const { at } = this.#working;
    this.#working = null;
    this.#listener?.onTool({ type: 'up', at });
  };

  onCancel = (id: number): void => {
    this.#down.delete(id);
    if (this.#working?.id === id) this.#giveUp();
  };

  /** @param factor of one turn of the wheel */
  wheel(factor: number, about: Vec2): void {
    this.#listener?.onZoom(factor, about);
  }

  /** @param by of one turn of the wheel, px */
  wheelPan(by: Vec2): void {
    this.#listener?.onPan(by);
  }

  #giveUp(): void {
    if (!this.#working) return;
    this.#working = null;
    this.#listener?.onTool({ type: 'cancel' });
  }

  /** How far the first two fingers are apart, and the middle between them; null with fewer. */
  #spread(): { apart: number; middle: Vec2 } | null {
    const [a, b] = this.#down.values();
    if (!a || !b) return null;
    return {
      apart: Math.hypot(a.x - b.x, a.y - b.y),
      middle: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 },
    };
  }
}
