/** Files of the application itself; data is asked for anew each time. */
const OWN_FILE = /^\/(?:_expo|assets|fonts)\/|^\/(?:fonts\.css|theme\.js)$/;
/** By then the screens that come second are here, ms. */
const SETTLED_ms = 4000;

const loaded = (): readonly string[] =>
  performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name))
    .filter(({ origin, pathname }) => origin === location.origin && OWN_FILE.test(pathname))
    .map(({ href }) => href);

/** Keeps the application on this device, so that a reload without a network opens it all the same. */
export function keepOnDevice(): void {
  if (!('serviceWorker' in navigator)) return;
  const tell = async () => {
    const { active } = await navigator.serviceWorker.ready;
    active?.postMessage({ kind: 'loaded', urls: loaded() });
  };
  // Where storage is closed there is none: the application works as before, with a network.
  void navigator.serviceWorker
    .register('/sw.js')
    .then(tell)
    .then(() => setTimeout(() => void tell(), SETTLED_ms))
    .catch(() => undefined);
}

/** A notification that was pressed says which page it belongs to; returns what stops listening. */
export function openFromNotification(open: (href: string) => void): () => void {
  const { serviceWorker } = navigator;
  if (!serviceWorker) return () => undefined;
  const heard = ({ data }: MessageEvent<{ kind?: string; href: string } | null>) => {
    if (data?.kind === 'open') open(data.href);
  };
  serviceWorker.addEventListener('message', heard);
  return () => serviceWorker.removeEventListener('message', heard);
}
