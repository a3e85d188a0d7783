import { lazy, Suspense, type ComponentType } from 'react';
import { Loading } from '../../ui/page-state';

/**
 * Screens that are not part of the first load: the list of drinks opens without the parts that only a
 * sheet or a shelf needs. They are fetched as soon as the first page stands, so that a network that
 * dies afterwards does not lock anybody out of them.
 */
const secondLoad = () => import('./second-load');
const LOADERS = {
  drink: async () => ({ default: (await secondLoad()).DrinkScreen }),
  shelf: async () => ({ default: (await secondLoad()).ShelfScreen }),
  bottle: async () => ({ default: (await secondLoad()).BottleScreen }),
  kitchen: async () => ({ default: (await secondLoad()).KitchenScreen }),
};

/** Fetches what is not here yet: every screen, and what reckons. */
export function fetchScreens(): void {
  void secondLoad().catch(() => undefined);
}

function screen<Props extends object>(load: () => Promise<{ default: ComponentType<Props> }>, what: string) {
  const Screen = lazy(load) as unknown as ComponentType<Props>;
  return function LoadedScreen(props: Props) {
    return (
      <Suspense fallback={<Loading what={what} />}>
        <Screen {...props} />
      </Suspense>
    );
  };
}

export const LazyDrinkScreen = screen(LOADERS.drink, 'the drink');
export const LazyShelfScreen = screen(LOADERS.shelf, 'the shelf');
export const LazyBottleScreen = screen(LOADERS.bottle, 'the bottle');
export const LazyKitchenScreen = screen(LOADERS.kitchen, 'the kitchen');
