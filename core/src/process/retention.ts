/** Parts of plants by how they hold liquid. */
export type PlantPart =
  | 'leaf'
  | 'flower'
  | 'hibiscus'
  | 'root_bark'
  | 'berry_dried'
  | 'rosehip_cut'
  | 'seed'
  | 'powder'
  | 'mucilage_seed'
  | 'fruit';

/** How hard the liquid is got out. */
export type Straining = 'drain' | 'press' | 'cloth' | 'mill';

interface Holds extends Readonly<Record<Straining, number>> {
  /** Soluble share that hot water can take out, g/g. */
  readonly extractable: number;
}

/** mL of liquid kept back by a gram of dried plant, and its soluble share. Source: weighings in print (C, ±30 %). */
export const RETENTION: Readonly<Record<Exclude<PlantPart, 'fruit'>, Holds>> = {
  leaf: { drain: 5, press: 3, cloth: 2, mill: 1.3, extractable: 0.3 },
  flower: { drain: 6, press: 3.5, cloth: 2.3, mill: 1.5, extractable: 0.35 },
  hibiscus: { drain: 6, press: 3.5, cloth: 2.2, mill: 1.5, extractable: 0.52 },
  root_bark: { drain: 2.2, press: 1.6, cloth: 1.2, mill: 0.8, extractable: 0.25 },
  berry_dried: { drain: 2.8, press: 1.8, cloth: 1.2, mill: 0.8, extractable: 0.48 },
  rosehip_cut: { drain: 4, press: 2.8, cloth: 1.8, mill: 1.2, extractable: 0.45 },
  seed: { drain: 1.5, press: 1.1, cloth: 0.8, mill: 0.5, extractable: 0.05 },
  powder: { drain: 4, press: 3, cloth: 1.8, mill: 1.2, extractable: 0.15 },
  mucilage_seed: { drain: 10, press: 9, cloth: 7, mill: 5, extractable: 0.05 },
};

/** What stays in the strainer, on the spoon and in the pot, mL; of a small amount, this share of it. */
export const STRAINING_LOSS_mL = 10;
export const STRAINING_LOSS_SHARE = 0.02;

/**
 * Relative standard deviations of what is kept back: of the hand that strains, and of the plant. Together 0.15.
 * Source: weighings in print, about ±30 %; most of it between people, as with all hand measures.
 */
export const STRAINER_CV = 0.12;
export const RETENTION_CV = 0.09;
