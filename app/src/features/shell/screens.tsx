import { lazy, Suspense, type ComponentProps, type ComponentType } from 'react';
import { Loading } from '../../ui/page-state';

/**
 * Screens that are not part of the first load: the list of drinks opens without the parts that only a
 * sheet or a shelf needs. They are fetched as soon as the first page stands, so that a network that
 * dies afterwards does not lock anybody out of them.
 */
const secondLoad = () => import('./second-load');
const LOADERS = {
  drinker: async () => ({ default: (await secondLoad()).DrinkerScreen }),
  drink: async () => ({ default: (await secondLoad()).DrinkScreen }),
  check: async () => ({ default: (await secondLoad()).CheckScreen }),
  shelf: async () => ({ default: (await secondLoad()).ShelfScreen }),
  bottle: async () => ({ default: (await secondLoad()).BottleScreen }),
  people: async () => ({ default: (await secondLoad()).PeopleScreen }),
  newPerson: async () => ({ default: (await secondLoad()).NewPersonScreen }),
  person: async () => ({ default: (await secondLoad()).PersonScreen }),
  stores: async () => ({ default: (await secondLoad()).StoresScreen }),
  measures: async () => ({ default: (await secondLoad()).MeasuresScreen }),
  lot: async () => ({ default: (await secondLoad()).LotScreen }),
  logbook: async () => ({ default: (await secondLoad()).LogbookScreen }),
  logbookBrew: async () => ({ default: (await secondLoad()).LogbookBrewScreen }),
  compareBrews: async () => ({ default: (await secondLoad()).CompareBrewsScreen }),
  make: async () => ({ default: (await secondLoad()).MakeScreen }),
  gather: async () => ({ default: (await secondLoad()).GatherScreen }),
  plan: async () => ({ default: (await secondLoad()).PlanScreen }),
  today: async () => ({ default: (await secondLoad()).TodayScreen }),
  timers: async () => ({ default: (await secondLoad()).TimerBar }),
  drinksBeside: async () => ({ default: (await secondLoad()).DrinksBeside }),
  newDrink: async () => ({ default: (await secondLoad()).NewDrinkSheet }),
  practice: async () => ({ default: (await secondLoad()).PracticeScreen }),
  words: async () => ({ default: (await secondLoad()).WordsScreen }),
  kitchen: async () => ({ default: (await secondLoad()).KitchenScreen }),
};

/**
 * Fetches what is not here yet: every screen, and what reckons; then the application is kept on the device.
 *
 * @param offer is called with what takes a newer build
 */
export function fetchScreens(offer: (take: () => void) => void): void {
  void secondLoad().then(
    ({ keepOnDevice }) => keepOnDevice(offer),
    () => undefined,
  );
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

export const LazyDrinkerScreen = screen(LOADERS.drinker, 'the bottles');
export const LazyDrinkScreen = screen(LOADERS.drink, 'the drink');
export const LazyDrinksBeside = screen(LOADERS.drinksBeside, 'drinks');
export const LazyCheckScreen = screen(LOADERS.check, 'the check');
export const LazyShelfScreen = screen(LOADERS.shelf, 'the shelf');
export const LazyBottleScreen = screen(LOADERS.bottle, 'the bottle');
export const LazyPeopleScreen = screen(LOADERS.people, 'the people');
export const LazyNewPersonScreen = screen(LOADERS.newPerson, 'the form');
export const LazyPersonScreen = screen(LOADERS.person, 'them');
export const LazyPracticeScreen = screen(LOADERS.practice, 'a question');
export const LazyWordsScreen = screen(LOADERS.words, 'the words');
export const LazyStoresScreen = screen(LOADERS.stores, 'the stores');
export const LazyMeasuresScreen = screen(LOADERS.measures, 'your measures');
export const LazyLotScreen = screen(LOADERS.lot, 'the lot');
export const LazyLogbookScreen = screen(LOADERS.logbook, 'the logbook');
export const LazyLogbookBrewScreen = screen(LOADERS.logbookBrew, 'the brew');
export const LazyCompareBrewsScreen = screen(LOADERS.compareBrews, 'the two');
export const LazyKitchenScreen = screen(LOADERS.kitchen, 'the kitchen');
export const LazyMakeScreen = screen(LOADERS.make, 'the brew');
export const LazyGatherScreen = screen(LOADERS.gather, 'the drink');
export const LazyPlanScreen = screen(LOADERS.plan, 'the plan');
export const LazyTodayScreen = screen(LOADERS.today, 'today');

const NewDrink = lazy(LOADERS.newDrink);
/** What a new drink begins with, over the list of drinks. */
export function LazyNewDrink(props: ComponentProps<typeof NewDrink>) {
  return (
    <Suspense fallback={null}>
      <NewDrink {...props} />
    </Suspense>
  );
}

const Timers = lazy(LOADERS.timers);
/** The timers that run, over every page; nothing until there are any. */
export function LazyTimerBar() {
  return (
    <Suspense fallback={null}>
      <Timers />
    </Suspense>
  );
}

const Bell = lazy(async () => ({ default: (await secondLoad()).SpoonBell }));
/** Says that a spoon is due, on every page. */
export function LazySpoonBell() {
  return (
    <Suspense fallback={null}>
      <Bell />
    </Suspense>
  );
}

const Waiting = lazy(async () => ({ default: (await secondLoad()).WaitingSheet }));
/** What is not sent yet, over the page. */
export function LazyWaiting(props: ComponentProps<typeof Waiting>) {
  return (
    <Suspense fallback={null}>
      <Waiting {...props} />
    </Suspense>
  );
}

const Keys = lazy(async () => ({ default: (await secondLoad()).KeysSheet }));
/** What the keys do, over the page. */
export function LazyKeys(props: ComponentProps<typeof Keys>) {
  return (
    <Suspense fallback={null}>
      <Keys {...props} />
    </Suspense>
  );
}
