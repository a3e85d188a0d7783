import { ARROW_KEYS, goByLetter } from '../src/ui/list-keys';

type Handler = { readonly onKeyDown: (event: object) => void };

/** A place with things that can be pressed; jsdom lays nothing out, so they are told to be seen. */
function place(html: string): HTMLElement {
  document.body.innerHTML = `<div id="place">${html}</div>`;
  Element.prototype.getClientRects = () => [{}] as unknown as DOMRectList;
  return document.getElementById('place')!;
}
const button = (words: string, more = '') => `<div role="button" tabindex="0" ${more}>${words}</div>`;
const here = () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent;

// Each test has a time of its own: letters that follow each other soon are one word.
let now = 1e6;
beforeEach(() => (now += 1e6));

describe('a letter', () => {
  const kinds = ['Tea', 'Tonic', 'Syrup', 'Sports drink'].map((each) => button(each)).join('');
  test('goes to what begins with it, and again to the next, round', () => {
    const all = place(kinds);
    const seen = ['s', 's', 's'].map((letter, index) => {
      goByLetter(all, letter, now + index * 1000);
      return here();
    });
    expect(seen).toEqual(['Syrup', 'Sports drink', 'Syrup']);
  });
  test('letters that follow each other are one word', () => {
    const all = place(kinds);
    goByLetter(all, 's', now);
    goByLetter(all, 'p', now + 100);
    expect(here()).toBe('Sports drink');
    goByLetter(all, 't', now + 2000);
    goByLetter(all, 'o', now + 2100);
    expect(here()).toBe('Tonic');
  });
  test('the same letter twice at once goes on; one that does not fit what was typed stands by itself', () => {
    const all = place(kinds);
    goByLetter(all, 's', now);
    goByLetter(all, 's', now + 100);
    expect(here()).toBe('Sports drink');
    goByLetter(all, 't', now + 200);
    expect(here()).toBe('Tea');
  });
  test('what nothing begins with changes nothing and says so', () => {
    const all = place(kinds);
    goByLetter(all, 't', now);
    expect(goByLetter(all, 'x', now + 2000)).toBe(false);
    expect(here()).toBe('Tea');
  });
  test('what is heard counts, not what is seen; grips and Close are left out', () => {
    const all = place(
      button('Do this', 'aria-label="Take it: honey"') +
        button('x', 'aria-label="Close"') +
        button('c', 'aria-label="Carry step 1" aria-roledescription="sortable"') +
        button('Compare ways'),
    );
    expect(goByLetter(all, 'd', now)).toBe(false);
    goByLetter(all, 't', now + 1000);
    expect(here()).toBe('Take it: honey');
    goByLetter(all, 'c', now + 2000);
    expect(here()).toBe('Compare ways');
  });
});

describe('arrows', () => {
  const pressed = (all: HTMLElement, key: string, more: object = {}) => {
    let taken = false;
    (ARROW_KEYS as Handler).onKeyDown({
      key,
      target: document.activeElement,
      currentTarget: all,
      ctrlKey: false,
      metaKey: false,
      altKey: false,
      preventDefault: () => (taken = true),
      stopPropagation: () => undefined,
      ...more,
    });
    return taken;
  };
  const row = () => {
    const all = place(['One', 'Two', 'Three'].map((each) => button(each)).join(''));
    (all.firstElementChild as HTMLElement).focus();
    return all;
  };
  test.each([
    [['ArrowDown'], 'Two'],
    [['ArrowRight', 'ArrowRight', 'ArrowRight'], 'One'],
    [['ArrowUp'], 'Three'],
    [['End'], 'Three'],
    [['End', 'Home'], 'One'],
  ])('%j', (keys, at) => {
    const all = row();
    for (const key of keys) expect(pressed(all, key)).toBe(true);
    expect(here()).toBe(at);
  });
  test('other keys, and arrows with another key held, are left alone', () => {
    const all = row();
    expect([pressed(all, 'a'), pressed(all, 'ArrowDown', { altKey: true })]).toEqual([false, false]);
    expect(here()).toBe('One');
  });
  test('Space chooses', () => {
    const all = place('<div role="radio" tabindex="0">Two</div>');
    const clicked = jest.fn();
    all.firstElementChild!.addEventListener('click', clicked);
    (all.firstElementChild as HTMLElement).focus();
    expect(pressed(all, ' ')).toBe(true);
    expect(clicked).toHaveBeenCalledTimes(1);
  });
});
