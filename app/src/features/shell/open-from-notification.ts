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
