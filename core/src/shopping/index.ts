/** What is to be bought, as it is kept, and in packages one can buy; nothing that reckons with drinks. */
export { MOST_TO_BUY, NOTHING_TO_BUY, packagesFor } from './shopping-list';
export type { Packages, ShoppingItem, ShoppingList } from './shopping-list';
