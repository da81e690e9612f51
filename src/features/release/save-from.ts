'use client';

/** Lets the browser save what stands at an address of the application. */
export function saveFrom(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}
