/** What a maker knows of an ingredient that no catalogue has, as it stands in a drink file. */
export interface OwnIngredientFields {
  readonly name: string;
  /** What it is made of, such as `MgCl2.6H2O`; or else a label. */
  readonly formula?: string;
  /** Contents of one serving as a package prints them, by the names of a package label. */
  readonly label?: Readonly<Record<string, string | number>>;
  /** salt, acid, sweetener, herb, … */
  readonly role?: string;
  /** liquid, soluble or solid; only for a label. */
  readonly state?: string;
  readonly density_g_mL?: number;
  readonly solubility_g_100g?: number;
}

export const OWN_TEXTS = ['name', 'formula', 'role', 'state'] as const satisfies readonly (keyof OwnIngredientFields)[];
export const OWN_NUMBERS = [
  'density_g_mL',
  'solubility_g_100g',
] as const satisfies readonly (keyof OwnIngredientFields)[];
