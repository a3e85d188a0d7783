import { act, render, screen } from '@testing-library/react';
import { useLayoutEffect } from 'react';
import { TypedAhead } from '../src/domain/drinks/typed-ahead';
import { SavedWords } from '../src/features/drink/header/saved-words';
import { drink } from './trial-brew';

const SAVED = 'Version 2 · saved';
function typing() {
  const tonic = drink('Tonic', ['1 L water']);
  return new TypedAhead(
    () => tonic,
    () => undefined,
  );
}

test('while something is typed it is being saved, and afterwards it is as the drink is', () => {
  const ahead = typing();
  render(<SavedWords saved={SAVED} typing={ahead} />);
  expect(screen.getByText(SAVED)).toBeTruthy();
  act(() => ahead.type((document) => document));
  expect(screen.getByText('Saving')).toBeTruthy();
  act(() => ahead.flush());
  expect(screen.getByText(SAVED)).toBeTruthy();
});

test('what is taken over while the words come up is not said to be on its way for ever', () => {
  const ahead = typing();
  ahead.type((document) => document);
  const TakesOver = () => {
    useLayoutEffect(() => ahead.flush(), []);
    return null;
  };
  render(
    <>
      <SavedWords saved={SAVED} typing={ahead} />
      <TakesOver />
    </>,
  );
  expect(screen.getByText(SAVED)).toBeTruthy();
});
