import { keepKeys } from '../src/ui/keys-stay';

const button = (words: string) => `<div role="button" tabindex="0">${words}</div>`;
const row = (words: string) => `<div role="listitem">${button(words)}</div>`;
const named = (words: string): HTMLElement =>
  [...document.querySelectorAll<HTMLElement>('[role=button], input')].find(
    (each) => (each.getAttribute('aria-label') ?? each.textContent) === words,
  )!;
const here = () => document.activeElement?.getAttribute('role') ?? document.activeElement?.tagName;
const frames = () => new Promise((resolve) => setTimeout(resolve, 100));

let stop: () => void;
beforeEach(() => {
  // jsdom lays nothing out: everything is told to be seen.
  Element.prototype.getClientRects = () => [{}] as unknown as DOMRectList;
  document.body.innerHTML = `<div role="main">
    ${button('Add')}
    <div role="list">${['First', 'Second', 'Third'].map(row).join('')}</div>
    ${button('Done')}
  </div>`;
  stop = keepKeys();
});
afterEach(() => stop());

/** Takes something that has the keys off the page; what has them then. */
async function without(words: string): Promise<string | null | undefined> {
  named(words).focus();
  (named(words).closest('[role=listitem]') ?? named(words)).remove();
  await frames();
  return document.activeElement?.textContent;
}

test('the keys go to the next in the list, at its end to the one before, and to the page when it is empty', async () => {
  expect(await without('Second')).toBe('Third');
  expect(await without('Third')).toBe('First');
  await without('First');
  expect(here()).toBe('main');
});
test('what stood by itself leaves them to the page: an Enter that follows is for no other button', async () => {
  await without('Add');
  expect(here()).toBe('main');
});
test('what is gone by then is passed by', async () => {
  named('First').focus();
  for (const words of ['First', 'Second']) named(words).closest('[role=listitem]')!.remove();
  await frames();
  expect(document.activeElement).toBe(named('Third'));
});
test('with nothing left to press they are on the page', async () => {
  for (const words of ['Add', 'First', 'Second', 'Third']) named(words).remove();
  await without('Done');
  expect(here()).toBe('main');
});
test('a page that is gone with all that was on it leaves them to the one that came', async () => {
  named('First').focus();
  document.body.innerHTML = `<div role="main">${button('Elsewhere')}</div>`;
  await frames();
  expect(here()).toBe('main');
});
test('whatever takes the keys itself comes first, and nobody loses them who had them not', async () => {
  named('Second').focus();
  named('Second').closest('[role=listitem]')!.remove();
  named('Add').focus();
  await frames();
  expect(document.activeElement).toBe(named('Add'));
  named('First').remove();
  await frames();
  expect(document.activeElement).toBe(named('Add'));
  named('Third').focus();
  named('Third').blur();
  await frames();
  named('Third').remove();
  await frames();
  expect(here()).toBe('BODY');
});
