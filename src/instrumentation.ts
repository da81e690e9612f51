/** Opens the database when the server starts, and puts the demo into it when it is empty. */
export async function register() {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { startServer } = await import('./server/start');
  await startServer();
}
