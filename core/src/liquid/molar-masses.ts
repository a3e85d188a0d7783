/** Standard atomic weights, g/mol. Source: IUPAC, abridged to five figures. */
export const ATOMIC_WEIGHTS: Readonly<Record<string, number>> = {
  H: 1.008,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Na: 22.99,
  Mg: 24.305,
  P: 30.974,
  S: 32.06,
  Cl: 35.45,
  K: 39.098,
  Ca: 40.078,
};

export const SUCROSE_g_mol = 342.297;
export const HEXOSE_g_mol = 180.156;
/** Short chains of glucose (maltose and longer) counted as their commonest member, maltose. */
export const OTHER_CARBOHYDRATE_g_mol = 342.297;
/** Dextrins as they are sold, chains of six glucose units on average. */
export const DEXTRIN_g_mol = 990;
export const ASCORBIC_ACID_g_mol = 176.124;
export const BICARBONATE_g_mol = 61.016;
export const SULFATE_g_mol = 96.056;
