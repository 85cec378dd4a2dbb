import { dragging } from './dragging';
import { idle } from './idle';
import { pointing } from './pointing';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** The tool that sets and moves marks: what each state makes of an event. */
export function nextToolState(state: ToolState, event: ToolEvent, world: ToolWorld): ToolState {
  switch (state.name) {
    case 'idle':
      return idle(event, world);
    case 'pointing':
      return pointing(state, event, world);
    case 'dragging':
      return dragging(state, event, world);
  }
}
