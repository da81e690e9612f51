'use client';

import { useImperativeHandle, useRef, type Ref } from 'react';

/** What opens the file dialog of a `FileField`. */
export interface FileFieldHandle {
  ask(): void;
}

/** A file dialog without a look of its own: something else on the screen opens it. The same file can be chosen twice. */
export function FileField({
  ref,
  label,
  accept,
  onFile,
}: {
  ref: Ref<FileFieldHandle>;
  label: string;
  accept: string;
  onFile(file: File): void;
}) {
  const field = useRef<HTMLInputElement>(null);
  useImperativeHandle(ref, () => ({ ask: () => field.current?.click() }), []);
  return (
    <input
      ref={field}
      type="file"
      accept={accept}
      aria-label={label}
      className="seen-by-readers-only"
      tabIndex={-1}
      onChange={(event) => {
        const file = event.target.files?.[0];
        if (file) onFile(file);
        event.target.value = '';
      }}
    />
  );
}
