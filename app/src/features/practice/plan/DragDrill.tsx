import {
  DndContext,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Icon } from 'react-native-paper';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** A finger that rests a little is no drag yet, px. */
const BEGINS_AFTER = 6;
const idOf = (phase: number, drill: string) => `${phase}/${drill}`;

/** Where drills are dragged from some days of a plan to others; the menu of a drill does the same by keys. */
export function DragDrills({
  onMove,
  children,
}: {
  onMove: (drill: string, phase: number) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: BEGINS_AFTER } }),
  );
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={({ active, over }) => {
        const [from, drill] = String(active.id).split('/') as [string, string];
        if (over && String(over.id) !== from) onMove(drill, Number(over.id));
      }}
    >
      {children}
    </DndContext>
  );
}

/** Days of a plan that a drill can be let go over. */
export function DropDays({ phase, children }: { phase: number; children: ReactNode }) {
  const tokens = useTokens();
  const { setNodeRef, isOver } = useDroppable({ id: String(phase) });
  return (
    <View
      ref={(view) => setNodeRef(view as unknown as HTMLElement)}
      style={{
        borderRadius: RADIUS,
        outlineWidth: isOver ? 2 : 0,
        outlineStyle: 'solid',
        outlineColor: tokens.amber,
      }}
    >
      {children}
    </View>
  );
}

/** A drill's line with the grip by which it is dragged. */
export function DragLine({
  phase,
  drill,
  children,
}: {
  phase: number;
  drill: string;
  children: ReactNode;
}) {
  const tokens = useTokens();
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: idOf(phase, drill),
  });
  return (
    <View
      ref={(view) => setNodeRef(view as unknown as HTMLElement)}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: tokens.card,
        ...(transform
          ? { transform: [{ translateX: transform.x }, { translateY: transform.y }] }
          : {}),
        ...(isDragging ? { zIndex: 2, opacity: 0.9 } : {}),
      }}
    >
      <View
        aria-hidden
        testID={words.drag(strings.drills[drill] ?? drill)}
        {...(listeners as object)}
        style={
          {
            width: 28,
            minHeight: 56,
            alignItems: 'center',
            justifyContent: 'center',
            cursor: 'grab',
            touchAction: 'none',
          } as object
        }
      >
        <Icon source="drag-vertical" size={22} color={tokens.inkSecond} />
      </View>
      <View style={{ flex: 1 }}>{children}</View>
    </View>
  );
}
