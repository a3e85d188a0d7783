/**
 * Everything that needs core, in one piece: parts that two pieces share would be hoisted into the first
 * load, and core is most of each.
 */
import '../../domain/bottles/bottle-arrivals';
import '../../domain/kitchen/habit-arrivals';
import '../../domain/kitchen/member-arrivals';
import '../../domain/logbook/logbook-arrivals';
import '../../domain/senders';
import '../../domain/stores/lot-arrivals';
import { keepKeys } from '../../ui/keys-stay';

keepKeys();

export { BottleScreen } from '../bottles/bottle-screen';
export { ShelfScreen } from '../bottles/shelf/shelf-screen';
export { CheckScreen } from '../check/check-screen';
export { DrinkerScreen } from '../drinker/drinker-screen';
export { DrinkScreen } from '../drink/drink-screen';
export { DrinksBeside } from '../drinks/drinks-beside';
export { NewDrinkSheet } from '../drinks/new-drink/new-drink-sheet';
export { KitchenScreen } from '../kitchen/kitchen-screen';
export { GatherScreen } from '../make/gather-screen';
export { MakeScreen } from '../make/make-screen';
export { TimerBar } from '../make/timers/timer-bar';
export { MeasuresScreen } from '../measures/measures-screen';
export { PeopleScreen } from '../people/people-screen';
export { NewPersonScreen } from '../people/person/new-person-screen';
export { PersonScreen } from '../people/person/person-screen';
export { SpoonBell } from '../people/spoons/spoon-bell';
export { PlanScreen } from '../plan/plan-screen';
export { PracticeScreen } from '../practice/practice-screen';
export { LogbookBrewScreen } from '../logbook/brew-screen';
export { CompareBrewsScreen } from '../logbook/compare/compare-brews-screen';
export { LogbookScreen } from '../logbook/logbook-screen';
export { LotScreen } from '../stores/lot-screen';
export { StoresScreen } from '../stores/stores-screen';
export { TodayScreen } from '../today/today-screen';
export { KeysSheet } from './keys-sheet';
export { keepOnDevice } from './keep-on-device';
export { WaitingSheet } from './waiting-sheet';
export { WordsScreen } from '../glossary/words-screen';
