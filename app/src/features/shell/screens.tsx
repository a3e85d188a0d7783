import { lazy, Suspense, type ComponentType } from 'react';
import { Loading } from '../../ui/page-state';

/**
 * Screens that are not part of the first load: the list of drinks opens without the parts that only a
 * sheet or a shelf needs. They are fetched as soon as the first page stands, so that a network that
 * dies afterwards does not lock anybody out of them.
 */
const LOADERS = {
  drink: async () => ({ default: (await import('../drink/drink-screen')).DrinkScreen }),
  shelf: async () => ({ default: (await import('../bottles/shelf-screen')).ShelfScreen }),
  bottle: async () => ({ default: (await import('../bottles/bottle-screen')).BottleScreen }),
  kitchen: async () => ({ default: (await import('../kitchen/kitchen-screen')).KitchenScreen }),
};

/** Fetches every screen that is not here yet. */
export function fetchScreens(): void {
  for (const load of Object.values(LOADERS)) void load().catch(() => undefined);
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
