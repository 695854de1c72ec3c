/** The shell of the application is kept on the tablet, so that it opens with no network. */
export async function registerWorker(): Promise<void> {
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) {
    return;
  }
  try {
    await navigator.serviceWorker.register('/app/worker.js', { scope: '/app' });
    // What is entered here must not be thrown out when the disk runs low.
    await navigator.storage?.persist?.();
  } catch {
    // Without it everything works but a start with no network.
  }
}
