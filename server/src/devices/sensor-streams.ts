import type { SensorValue } from '@wellhydra/contract';
import { Problem } from '../problem';

/** Streams that a kitchen, and a server, hold open at most. */
export const STREAM_LIMITS = { kitchen: 12, server: 400 } as const;
/** Sensors are read this often, ms. */
const READ_EVERY_ms = 500;

type Values = readonly SensorValue[];
export interface Listener {
  readonly kitchenId: string;
  readonly hear: (values: Values) => void;
  readonly end: () => void;
}

interface Reader {
  readonly listeners: Set<Listener>;
  readonly timer: NodeJS.Timeout;
}

/** One reader for each brew, however many listen to it. */
export class SensorStreams {
  private readonly readers = new Map<string, Reader>();
  private readonly open = new Set<Listener>();

  /** Throws `too-many-requests` where one more stream would be too many. */
  checkRoom(kitchenId: string): void {
    const own = [...this.open].filter((each) => each.kitchenId === kitchenId).length;
    if (own >= STREAM_LIMITS.kitchen || this.open.size >= STREAM_LIMITS.server)
      throw new Problem(
        'too-many-requests',
        { waitSeconds: 30 },
        'So many pages show these devices already. Close one.',
      );
  }

  /**
   * Hears a brew's sensors until it is stopped.
   *
   * @param name of the brew, and of the clock by which it is read
   * @param read reads them once; asked for by the first who listens
   * @returns what stops it
   */
  listen(name: string, listener: Listener, read: () => Promise<Values>): () => void {
    this.open.add(listener);
    const reader = this.readers.get(name) ?? this.begin(name, read);
    reader.listeners.add(listener);
    return () => {
      this.open.delete(listener);
      reader.listeners.delete(listener);
      if (reader.listeners.size === 0) this.finish(name, reader);
    };
  }

  endAll(): void {
    for (const listener of [...this.open]) listener.end();
  }

  private begin(name: string, read: () => Promise<Values>): Reader {
    const listeners = new Set<Listener>();
    let busy = false;
    const timer = setInterval(() => {
      if (busy) return;
      busy = true;
      read()
        .then(
          (values) => listeners.forEach(({ hear }) => hear(values)),
          () => listeners.forEach(({ end }) => end()),
        )
        .finally(() => (busy = false));
    }, READ_EVERY_ms);
    const reader = { listeners, timer };
    this.readers.set(name, reader);
    return reader;
  }

  private finish(name: string, reader: Reader): void {
    clearInterval(reader.timer);
    if (this.readers.get(name) === reader) this.readers.delete(name);
  }
}
