import { confirming } from './confirming';
import { dragging } from './dragging';
import { guessing } from './guessing';
import { idle } from './idle';
import { pointing } from './pointing';
import { atRest } from './atRest';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** The tool that sets and moves marks: what each state makes of an event. */
export function nextToolState<Name extends string>(
  state: ToolState<Name>,
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> {
  switch (state.name) {
    case 'idle':
    case 'confirming':
      // Guesses may have come, or been called right, since the last touch.
      return atRest(world).name === 'confirming' ? confirming(event, world) : idle(event, world);
    case 'pointing':
      return pointing(state, event, world);
    case 'dragging':
      return dragging(state, event, world);
    case 'guessing':
      return guessing(state, event, world);
  }
}
