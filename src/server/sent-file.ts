import { open } from 'node:fs/promises';

/** How much of a file is read at once, in bytes. */
const STRETCH = 128 * 1024;

/** A file as the body of an answer, read as it is taken: others get their turn in between. `sent` is called when it was sent, or will not be. */
export async function sentFile(path: string, sent: () => void): Promise<ReadableStream> {
  const file = await open(path);
  const end = async () => {
    await file.close();
    sent();
  };
  return new ReadableStream(
    {
      async pull(controller) {
        const { bytesRead, buffer } = await file.read(Buffer.alloc(STRETCH));
        if (bytesRead > 0) controller.enqueue(buffer.subarray(0, bytesRead));
        else {
          await end();
          controller.close();
        }
      },
      cancel: end,
    },
    { highWaterMark: 1 },
  );
}
