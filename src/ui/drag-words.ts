import type { Announcements, UniqueIdentifier } from '@dnd-kit/core';

/** What is read out while something is dragged, by the names of what is dragged and of where it can be put down. */
export function dragWords(nameOf: (id: string) => string): Announcements {
  const name = (thing: { id: UniqueIdentifier }) => nameOf(String(thing.id));
  return {
    onDragStart: ({ active }) => `${name(active)} is taken up.`,
    onDragOver: ({ active, over }) =>
      over ? `${name(active)} is at ${name(over)}.` : `${name(active)} is nowhere that it can be put down.`,
    onDragEnd: ({ active, over }) =>
      over ? `${name(active)} was put down at ${name(over)}.` : `${name(active)} stays where it was.`,
    onDragCancel: ({ active }) => `${name(active)} stays where it was.`,
  };
}
