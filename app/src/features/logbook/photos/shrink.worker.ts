import { shrinkPicture } from './shrink-picture';

/** Draws a photo smaller off the main thread. */
self.onmessage = ({ data }: MessageEvent<Blob>) => {
  void shrinkPicture(data).then((answer) => self.postMessage(answer));
};
