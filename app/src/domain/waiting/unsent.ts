import { drinkEdited, drinkForgotten, drinkStarted, type Draft } from '../drinks/drafts';
import { settingsEdited, settingsReverted } from '../kitchen/settings-draft';
import { householdRestored, householdReverted, householdUnsent } from '../people/household';
import { planRestored, planReverted, planUnsent } from '../plans/plans';
import type { RootState, Store } from '../store';
import { shoppingRestored, shoppingReverted, shoppingUnsent } from '../stores/shopping';

/** Something that is typed here and not yet stored. */
export interface UnsentText {
  readonly id: string;
  /** "The plan". */
  readonly name: string;
  /** Nothing of it is stored: without what is typed there is none. */
  readonly isNew: boolean;
  /** Makes it what is stored. Returns what brings back what was typed. */
  readonly revert: (dispatch: Store['dispatch']) => () => void;
}
type Dispatched = Parameters<Store['dispatch']>[0];

/** @param reverted makes it what is stored  @param restored brings back what was typed */
const unsentText = (
  { id, name, isNew = false }: Pick<UnsentText, 'id' | 'name'> & Partial<Pick<UnsentText, 'isNew'>>,
  reverted: Dispatched,
  restored: Dispatched,
): UnsentText => ({
  id,
  name,
  isNew,
  revert: (dispatch) => {
    dispatch(reverted);
    return () => void dispatch(restored);
  },
});

function unsentDrink({ id, mine, base, revision }: Draft): UnsentText {
  const drink = { id, name: mine.name || 'A drink without a name', isNew: revision === 0 };
  return drink.isNew
    ? unsentText(drink, drinkForgotten(id), drinkStarted({ id, document: mine }))
    : unsentText(drink, drinkEdited({ id, document: base }), drinkEdited({ id, document: mine }));
}

type KitchenState = Pick<RootState, 'drafts' | 'settingsDraft' | 'plans' | 'household' | 'shopping'>;

/** What is typed of what a kitchen has one of. */
function unsentOfKitchen({ settingsDraft, plans, household, shopping }: KitchenState): readonly UnsentText[] {
  const texts: UnsentText[] = [];
  if (settingsDraft) {
    const { mine, base, revision } = settingsDraft;
    const restored = settingsEdited({ by: mine, stored: { revision, settings: base } });
    texts.push(unsentText({ id: 'settings', name: 'What the kitchen has' }, settingsReverted(), restored));
  }
  if (planUnsent(plans))
    texts.push(unsentText({ id: 'plan', name: 'The plan' }, planReverted(), planRestored(plans.mine)));
  if (householdUnsent(household)) {
    const restored = householdRestored(household.mine);
    texts.push(unsentText({ id: 'people', name: 'The people' }, householdReverted(), restored));
  }
  if (shoppingUnsent(shopping)) {
    const restored = shoppingRestored(shopping.mine);
    texts.push(unsentText({ id: 'shopping', name: 'What is to be bought' }, shoppingReverted(), restored));
  }
  return texts;
}

/** Everything that is typed here and not yet stored: drinks, and what a kitchen has one of. */
export const unsentTexts = (state: KitchenState): readonly UnsentText[] => [
  ...Object.values(state.drafts)
    .filter(({ unsent }) => unsent)
    .map(unsentDrink),
  ...unsentOfKitchen(state),
];
