import {
  type Announcements,
  type ScreenReaderInstructions,
  type UniqueIdentifier,
} from "@dnd-kit/core";

interface DragWords {
  readonly announcements: Announcements;
  readonly screenReaderInstructions: ScreenReaderInstructions;
}

/** What a screen reader says of a list that is put in order by dragging or by keys; `nameOf` names what is dragged. */
export function dragWords(nameOf: (id: UniqueIdentifier) => string): DragWords {
  return {
    screenReaderInstructions: {
      draggable: "Space picks it up, the arrows move it, Space drops it, Escape puts it back.",
    },
    announcements: {
      onDragStart: ({ active }) => `Picked up ${nameOf(active.id)}.`,
      onDragOver: ({ active, over }) =>
        `${nameOf(active.id)} is over ${over ? nameOf(over.id) : "no place"}.`,
      onDragEnd: ({ active, over }) =>
        `${nameOf(active.id)} is dropped${over ? ` on ${nameOf(over.id)}` : ""}.`,
      onDragCancel: ({ active }) => `${nameOf(active.id)} is put back.`,
    },
  };
}
