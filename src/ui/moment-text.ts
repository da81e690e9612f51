/** A moment in figures that read the same everywhere: `2026-03-02 14:05`, in universal time as the server has it. */
export function momentText(at: number | string): string {
  return new Date(at).toISOString().slice(0, 16).replace('T', ' ');
}
