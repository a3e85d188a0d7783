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
  readonly says: string;
  /** Makes it what is stored. Returns what brings back what was typed. */
  readonly revert: (dispatch: Store['dispatch']) => () => void;
}

const CHANGED = 'What you changed of it';

function unsentDrink(draft: Draft): UnsentText {
  const { id, mine, base, revision } = draft;
  return {
    id,
    name: mine.name || 'A drink without a name',
    says: revision === 0 ? 'New' : CHANGED,
    revert: (dispatch) => {
      if (revision === 0) {
        dispatch(drinkForgotten(id));
        return () => void dispatch(drinkStarted({ id, document: mine }));
      }
      dispatch(drinkEdited({ id, document: base }));
      return () => void dispatch(drinkEdited({ id, document: mine }));
    },
  };
}

type KitchenState = Pick<RootState, 'drafts' | 'settingsDraft' | 'plans' | 'household' | 'shopping'>;

/** Everything that is typed here and not yet stored: drinks, and what a kitchen has one of. */
export function unsentTexts({
  drafts,
  settingsDraft,
  plans,
  household,
  shopping,
}: KitchenState): readonly UnsentText[] {
  const texts = Object.values(drafts)
    .filter(({ unsent }) => unsent)
    .map(unsentDrink);
  if (settingsDraft) {
    const { mine, base, revision } = settingsDraft;
    texts.push({
      id: 'settings',
      name: 'What the kitchen has',
      says: CHANGED,
      revert: (dispatch) => {
        dispatch(settingsReverted());
        return () => void dispatch(settingsEdited({ by: mine, stored: { revision, settings: base } }));
      },
    });
  }
  if (planUnsent(plans))
    texts.push({
      id: 'plan',
      name: 'The plan',
      says: CHANGED,
      revert: (dispatch) => {
        dispatch(planReverted());
        return () => void dispatch(planRestored(plans.mine));
      },
    });
  if (householdUnsent(household))
    texts.push({
      id: 'people',
      name: 'The people',
      says: CHANGED,
      revert: (dispatch) => {
        dispatch(householdReverted());
        return () => void dispatch(householdRestored(household.mine));
      },
    });
  if (shoppingUnsent(shopping))
    texts.push({
      id: 'shopping',
      name: 'What is to be bought',
      says: CHANGED,
      revert: (dispatch) => {
        dispatch(shoppingReverted());
        return () => void dispatch(shoppingRestored(shopping.mine));
      },
    });
  return texts;
}
