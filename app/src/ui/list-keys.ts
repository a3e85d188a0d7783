/**
 * Keys that go from one thing that can be pressed to another: letters to what begins with them, arrows to the next.
 * Without them whoever has no pointer presses Tab for everything that stands between.
 */

interface KeyPress {
  readonly key: string;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly altKey: boolean;
  readonly target: unknown;
  readonly currentTarget: unknown;
  readonly preventDefault: () => void;
  readonly stopPropagation: () => void;
}

/** Escape closes, and a grip is taken by Space: letters are for what has words on it. */
const PRESSABLE =
  'a[href], [role=button]:not([aria-label=Close]):not([aria-roledescription=sortable]), [role=menuitem], [role=radio], [role=checkbox]';
const TYPED_INTO = 'input, textarea, select, [contenteditable=true]';
/** Letters that follow each other within this are one word, ms. */
const ONE_WORD_ms = 700;

/** Everything in a place that can be pressed, seen or not. */
export const pressablesIn = (place: ParentNode): readonly HTMLElement[] => [
  ...place.querySelectorAll<HTMLElement>(PRESSABLE),
];

export const isSeen = (element: Element): boolean => element.getClientRects().length > 0;

const pressables = (place: HTMLElement): readonly HTMLElement[] => pressablesIn(place).filter(isSeen);

const wordsOf = (element: HTMLElement): string =>
  (element.getAttribute('aria-label') ?? element.textContent ?? '').trim().toLowerCase();

let typed = { letters: '', at: 0 };

/** Goes to the next thing in a place that begins with the letters typed just now; whether there is one. */
export function goByLetter(place: HTMLElement, letter: string, now = Date.now()): boolean {
  const before = now - typed.at < ONE_WORD_ms ? typed.letters : '';
  const letters = before + letter.toLowerCase();
  const all = pressables(place);
  const here = all.indexOf(globalThis.document.activeElement as HTMLElement);
  // A letter by itself goes on from here, and round; the letters after it may mean what it has found.
  const from = letters.length === 1 ? here + 1 : Math.max(0, here);
  const found = [...all.slice(from), ...all.slice(0, from)].find((each) => wordsOf(each).startsWith(letters));
  // What was typed before may have been meant for something else: the letter by itself.
  if (!found && before !== '') {
    typed = { letters: '', at: 0 };
    return goByLetter(place, letter, now);
  }
  typed = { letters: found ? letters : '', at: now };
  found?.focus();
  return found !== undefined;
}

const STEPS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };

/** Goes to the next thing in a place, or to its first or last; whether the key says so. */
function goByArrow(place: HTMLElement, key: string): boolean {
  const all = pressables(place);
  const here = all.indexOf(globalThis.document.activeElement as HTMLElement);
  if (here < 0 || all.length < 2) return false;
  const step = STEPS[key];
  const to = step === undefined ? { Home: 0, End: all.length - 1 }[key] : (here + step + all.length) % all.length;
  if (to === undefined) return false;
  all[to]!.focus();
  return true;
}

const isPlain = ({ ctrlKey, metaKey, altKey }: KeyPress): boolean => !ctrlKey && !metaKey && !altKey;

function taken(event: KeyPress): void {
  event.preventDefault();
  event.stopPropagation();
}

const isLetter = (key: string): boolean => key.length === 1 && /[\p{L}\p{N}]/u.test(key);

/** A letter goes to what begins with it. */
function onLetter(event: KeyPress): void {
  const target = event.target as HTMLElement;
  if (!isPlain(event) || !isLetter(event.key) || target.matches(TYPED_INTO)) return;
  if (goByLetter(event.currentTarget as HTMLElement, event.key)) taken(event);
}

/** In a sheet, where a letter that nothing begins with, or a sign, is not one for the page below either. */
function onSheetKey(event: KeyPress): void {
  onLetter(event);
  if (isPlain(event) && event.key.length === 1 && event.key !== ' ') event.stopPropagation();
}

/** React Native knows Space for buttons alone. */
function onSpace(event: KeyPress): boolean {
  const target = event.target as HTMLElement;
  if (event.key !== ' ' || !isPlain(event) || !target.matches('[role=radio], [role=checkbox]')) return false;
  event.preventDefault();
  target.click();
  return true;
}

function onArrow(event: KeyPress): void {
  if (!isPlain(event) || onSpace(event)) return;
  if (goByArrow(event.currentTarget as HTMLElement, event.key)) taken(event);
}

/** For a place on a page in which letters go to what begins with them. */
export const LETTER_KEYS = { onKeyDown: onLetter } as object;

/** For all of a sheet. */
export const SHEET_KEYS = { onKeyDown: onSheetKey } as object;

/** For a row or a column of things that belong together: arrows, Home and End go along it, Space chooses. */
export const ARROW_KEYS = { onKeyDown: onArrow } as object;

/** For what is chosen or not. */
export const SPACE_CHOOSES = { onKeyDown: onSpace } as object;

/** Goes to the first thing that can be pressed in a place. */
export const goToFirst = (place: Element | null | undefined): void => {
  if (place) pressables(place as HTMLElement)[0]?.focus();
};
