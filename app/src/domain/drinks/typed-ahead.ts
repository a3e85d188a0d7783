import type { DrinkDocument } from '@wellhydra/core/drink';

export type Change = (document: DrinkDocument) => DrinkDocument;
type Listener = (document: DrinkDocument) => void;

/** Typing pauses this long before the page follows, ms; the stream and the rails do not wait for it. */
export const PAGE_FOLLOWS_ms = 60;

/**
 * A drink as it is being typed, ahead of the store: a key is heard by what is drawn live at once, and reaches the
 * store, and with it the whole page, when the keys pause. What is ahead is taken over when the page is left.
 */
export class TypedAhead {
  private changes: readonly Change[] = [];
  private base: DrinkDocument | undefined;
  private ahead: DrinkDocument | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<Listener>();
  private readonly watchers = new Set<() => void>();

  constructor(
    private readonly current: () => DrinkDocument | undefined,
    private readonly takeOver: (change: Change) => void,
  ) {}

  type(change: Change): void {
    const now = this.current();
    if (!now) return;
    const first = this.changes.length === 0;
    if (first) this.base = now;
    this.changes = [...this.changes, change];
    this.ahead = change(this.ahead ?? now);
    for (const listener of this.listeners) listener(this.ahead);
    if (first) this.tellWatchers();
    clearTimeout(this.timer);
    this.timer = setTimeout(this.flush, PAGE_FOLLOWS_ms);
  }

  /** Brings the store up to what is typed. */
  readonly flush = (): void => {
    clearTimeout(this.timer);
    const { changes, base, ahead } = this;
    if (changes.length === 0) return;
    this.changes = [];
    this.ahead = undefined;
    // What somebody else changed meanwhile stays: the keys are then typed into theirs.
    this.takeOver((document) =>
      document === base && ahead ? ahead : changes.reduce((each, change) => change(each), document),
    );
    this.tellWatchers();
  };

  /** Whether something is typed that the store has not. */
  readonly isAhead = (): boolean => this.changes.length > 0;

  /** Tells when {@link isAhead} becomes another. */
  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };

  private tellWatchers(): void {
    for (const watcher of this.watchers) watcher();
  }

  readonly subscribe = (listener: Listener): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
}
