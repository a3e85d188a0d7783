import { afterwards, focusIsLost } from './focus';
import { isSeen, pressablesIn } from './list-keys';

/** What belongs together: the keys stay in it as long as there is something to press. */
const TOGETHER = '[role=list], [role=group], [role=radiogroup], [role=dialog], [role=main]';
/** Beyond these the keys do not go by themselves. */
const WHOLE = '[role=dialog], [role=main]';

/** What has the keys, and what stood around it: once it is gone nobody can say any more where it was. */
interface Held {
  readonly element: Element;
  /** From the innermost outwards. */
  readonly places: readonly Element[];
  readonly before: readonly HTMLElement[];
  readonly after: readonly HTMLElement[];
}

function held(element: Element): Held {
  const places: Element[] = [];
  for (let place = element.closest(TOGETHER); place; place = place.parentElement?.closest(TOGETHER) ?? null) {
    places.push(place);
    if (place.matches(WHOLE)) break;
  }
  const outermost = places.at(-1);
  const all = outermost ? pressablesIn(outermost).filter((each) => each !== element) : [];
  const follows = (each: Element) =>
    (element.compareDocumentPosition(each) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0 && !element.contains(each);
  return { element, places, before: all.filter((each) => !follows(each)), after: all.filter(follows) };
}

/**
 * Where the keys go when what had them is gone: to the next thing in its list, else the one before, else to the page as a
 * whole, where single keys do what they always do. Nothing else on the page is given an Enter that was not meant for it.
 */
function heirOf({ places, before, after }: Held): HTMLElement | null {
  const nearest = [...after, ...[...before].reverse()].filter((each) => each.isConnected && isSeen(each));
  for (const place of places.filter((each) => !each.matches(WHOLE))) {
    const found = nearest.find((each) => place.contains(each));
    if (found) return found;
  }
  const page = places.find((place) => place.isConnected && place.matches(WHOLE));
  const whole = page ?? [...document.querySelectorAll(WHOLE)].filter(isSeen).at(-1);
  return (whole as HTMLElement | undefined) ?? null;
}

/**
 * Keeps the keys where the next thing is done: when what had them is taken off the page, as the row of something that was
 * taken back is, they would begin at the top of the page again. Whatever gives them to something itself comes first.
 *
 * @returns ends it
 */
export function keepKeys(): () => void {
  let last: Held | null = null;
  const came = ({ target }: FocusEvent) => {
    last = target instanceof Element ? held(target) : null;
  };
  // Whoever has put them away themselves has not lost them; of what is taken off the page this may be told, too.
  const went = ({ target }: FocusEvent) =>
    setTimeout(() => {
      if (last?.element === target && last?.element.isConnected && focusIsLost()) last = null;
    });
  const inherit = () => {
    const gone = last;
    if (!gone || gone.element.isConnected || !focusIsLost()) return;
    last = null;
    const heir = heirOf(gone);
    if (heir?.matches(WHOLE)) heir.tabIndex = -1;
    heir?.focus({ preventScroll: true });
  };
  const watch = new MutationObserver(() => {
    if (last && !last.element.isConnected && focusIsLost()) afterwards(inherit);
  });
  document.addEventListener('focusin', came);
  document.addEventListener('focusout', went);
  watch.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', came);
    document.removeEventListener('focusout', went);
    watch.disconnect();
  };
}
