import { useRef } from 'react';

/** What has the focus once a dialog is open: by itself a dialog gives it to its first button, and what is typed is lost. */
export function useFirstFocus<T extends { focus(): void }>() {
  const field = useRef<T>(null);
  return { field, afterOpenChange: (opened: boolean) => opened && field.current?.focus() };
}
