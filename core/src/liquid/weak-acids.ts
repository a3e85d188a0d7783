import type { ExtensiveProperty } from './composition';

/** One weak acid: its steps of dissociation and the charge before the first of them. */
export interface WeakAcid {
  readonly property: ExtensiveProperty;
  readonly name: string;
  readonly pKa: readonly number[];
  readonly topCharge: number;
  readonly molarMass_g_mol: number;
}

/**
 * Dissociation constants at 25 °C and zero ionic strength. Source: standard tables of acid
 * constants; gluconic and quinic to about 0.1, hibiscus acid an estimate.
 */
export const WEAK_ACIDS: readonly WeakAcid[] = [
  { property: 'citric_mmol', name: 'citric acid', pKa: [3.128, 4.761, 6.396], topCharge: 0, molarMass_g_mol: 192.12 },
  { property: 'malic_mmol', name: 'malic acid', pKa: [3.4, 5.11], topCharge: 0, molarMass_g_mol: 134.09 },
  { property: 'tartaric_mmol', name: 'tartaric acid', pKa: [3.04, 4.37], topCharge: 0, molarMass_g_mol: 150.09 },
  { property: 'acetic_mmol', name: 'acetic acid', pKa: [4.756], topCharge: 0, molarMass_g_mol: 60.05 },
  { property: 'ascorbic_mmol', name: 'ascorbic acid', pKa: [4.17, 11.57], topCharge: 0, molarMass_g_mol: 176.12 },
  { property: 'lactic_mmol', name: 'lactic acid', pKa: [3.86], topCharge: 0, molarMass_g_mol: 90.08 },
  { property: 'gluconic_mmol', name: 'gluconic acid', pKa: [3.75], topCharge: 0, molarMass_g_mol: 196.16 },
  { property: 'quinic_mmol', name: 'quinic acid', pKa: [3.46], topCharge: 0, molarMass_g_mol: 192.17 },
  { property: 'hibiscus_mmol', name: 'hibiscus acid', pKa: [2.7, 3.9], topCharge: 0, molarMass_g_mol: 190.11 },
  {
    property: 'phosphoric_mmol',
    name: 'phosphoric acid',
    pKa: [2.148, 7.198, 12.35],
    topCharge: 0,
    molarMass_g_mol: 97.99,
  },
  { property: 'carbonic_mmol', name: 'carbonic acid', pKa: [6.352, 10.329], topCharge: 0, molarMass_g_mol: 62.02 },
  { property: 'glycine_mmol', name: 'glycine', pKa: [2.35, 9.778], topCharge: 1, molarMass_g_mol: 75.07 },
];
