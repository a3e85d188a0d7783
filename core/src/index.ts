/** The computation behind Wellhydra. Import a folder's index; this one names them all. */
export * as aim from './aim';
export * as analyse from './analyse';
export * as catalogue from './catalogue';
export * as caution from './caution';
export * as drink from './drink';
export * as finding from './finding';
export * as formats from './formats';
export * as keeping from './keeping';
export * as liquid from './liquid';
export * as ownIngredient from './own-ingredient';
export * as process from './process';
export * as quantity from './quantity';
export * as serving from './serving';
export * as simulate from './simulate';
export * as spread from './spread';
export * as target from './target';
