/** Whether typing goes into a field, which has an undo and an Escape of its own. */
export function inField(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches('input, textarea, [contenteditable]');
}
