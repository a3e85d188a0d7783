import { daviesActivity } from './davies-activity';
import type { WeakAcid } from './weak-acids';

/** Ion product of water at 25 °C, -log10. */
export const PKW = 13.995;
/** Henry constant of carbon dioxide at 25 °C, mol/(L atm). */
export const CO2_HENRY = 0.0339;
/** Outdoor air, atm of carbon dioxide. */
export const OUTDOOR_CO2_atm = 420e-6;

const LOWEST_PH = -2;
const HIGHEST_PH = 16;
/** Where the search begins when nothing is known. */
const FIRST_PH = 7;
const PH_TOLERANCE = 1e-12;
const STRENGTH_TOLERANCE = 1e-9;
const MOST_ROUNDS = 60;

/** The solution to be balanced; all concentrations in mol/L. */
export interface IonicSolution {
  /** Net charge of ions that never change form (Na K Mg Ca against Cl SO4 and unmeasured anions). */
  readonly strongCharge: number;
  /** Σ z² c of the same ions, for the ionic strength. */
  readonly strongSquares: number;
  readonly acids: readonly { readonly acid: WeakAcid; readonly concentration: number }[];
  /** When given, the liquid stands in contact with this pressure of carbon dioxide, atm. */
  readonly carbonDioxide_atm?: number;
}

/** A form of a weak acid in the balanced solution, mol/L. */
export interface AcidSpecies {
  readonly charge: number;
  readonly concentration: number;
}

export interface BalancedSolution {
  readonly pH: number;
  readonly ionicStrength: number;
  readonly species: readonly AcidSpecies[];
  /** What is left of the charge balance, mol/L. */
  readonly residual: number;
}

/** A weak acid at one ionic strength: r_j = constants[j] / a_H^j is the ratio of its j-th form to its first. */
interface ActiveAcid {
  readonly concentration: number;
  readonly topCharge: number;
  readonly constants: readonly number[];
}

type Gammas = readonly number[];

const gammasAt = (ionicStrength: number): Gammas => [0, 1, 2, 3].map((charge) => daviesActivity(charge, ionicStrength));
const gamma = (gammas: Gammas, charge: number): number => gammas[Math.abs(charge)] as number;

function activeAcids(solution: IonicSolution, gammas: Gammas): ActiveAcid[] {
  const open = solution.carbonDioxide_atm !== undefined;
  return solution.acids
    .filter(({ acid }) => !(open && acid.property === 'carbonic_mmol'))
    .map(({ acid, concentration }) => {
      const constants = [1];
      acid.pKa.forEach((pKa, step) => {
        const before = acid.topCharge - step;
        const apparent = (Math.pow(10, -pKa) * gamma(gammas, before)) / gamma(gammas, before - 1);
        constants.push((constants[step] as number) * apparent);
      });
      return { concentration, topCharge: acid.topCharge, constants };
    });
}

/** Mean charge, or mean square of the charge, of an acid at a proton activity. */
function meanCharge(acid: ActiveAcid, protons: number, power: 1 | 2): number {
  let total = 0;
  let weighted = 0;
  let dilution = 1;
  for (let step = 0; step < acid.constants.length; step += 1) {
    const share = (acid.constants[step] as number) / dilution;
    const charge = acid.topCharge - step;
    total += share;
    weighted += share * (power === 1 ? charge : charge * charge);
    dilution *= protons;
  }
  return weighted / total;
}

/** Carbon dioxide, bicarbonate and carbonate in a liquid that stands open to the air, mol/L. */
function carbonateFromAir(pressure_atm: number, protons: number, gammas: Gammas): AcidSpecies[] {
  const dissolved = CO2_HENRY * pressure_atm;
  const bicarbonate = (dissolved * Math.pow(10, -6.352)) / (protons * gamma(gammas, 1));
  const carbonate = (bicarbonate * Math.pow(10, -10.329) * gamma(gammas, 1)) / (protons * gamma(gammas, 2));
  return [
    { charge: 0, concentration: dissolved },
    { charge: -1, concentration: bicarbonate },
    { charge: -2, concentration: carbonate },
  ];
}

/** One ionic strength frozen: charge and ionic strength as functions of pH. */
class FrozenBalance {
  private readonly acids: readonly ActiveAcid[];

  constructor(
    private readonly solution: IonicSolution,
    private readonly gammas: Gammas,
  ) {
    this.acids = activeAcids(solution, gammas);
  }

  private air(protons: number): AcidSpecies[] {
    const pressure = this.solution.carbonDioxide_atm;
    return pressure === undefined ? [] : carbonateFromAir(pressure, protons, this.gammas);
  }

  charge(pH: number): number {
    const protons = Math.pow(10, -pH);
    let sum = this.solution.strongCharge + (protons - Math.pow(10, -PKW) / protons) / gamma(this.gammas, 1);
    for (const acid of this.acids) sum += acid.concentration * meanCharge(acid, protons, 1);
    for (const form of this.air(protons)) sum += form.charge * form.concentration;
    return sum;
  }

  ionicStrength(pH: number): number {
    const protons = Math.pow(10, -pH);
    let squares = this.solution.strongSquares + (protons + Math.pow(10, -PKW) / protons) / gamma(this.gammas, 1);
    for (const acid of this.acids) squares += acid.concentration * meanCharge(acid, protons, 2);
    for (const form of this.air(protons)) squares += form.charge * form.charge * form.concentration;
    return squares / 2;
  }

  /**
   * How much the charge falls for each unit of pH, mol/L: ln 10 times the spread of the charges that each acid's
   * forms have, with those of protons, hydroxide and what the air gives. Never below 0.
   */
  private fall(pH: number): number {
    const protons = Math.pow(10, -pH);
    let sum = (protons + Math.pow(10, -PKW) / protons) / gamma(this.gammas, 1);
    for (const acid of this.acids)
      sum += acid.concentration * (meanCharge(acid, protons, 2) - meanCharge(acid, protons, 1) ** 2);
    for (const form of this.air(protons)) sum += form.charge * form.charge * form.concentration;
    return Math.LN10 * sum;
  }

  /**
   * The pH of zero charge: Newton's method inside a bracket that shrinks at every look, halved where a step would
   * leave it or closes it too slowly. Charge falls with pH, so the bracket always holds the answer.
   */
  neutral(near = FIRST_PH): number {
    let low = LOWEST_PH;
    let high = HIGHEST_PH;
    let pH = near;
    let width = high - low;
    while (high - low > PH_TOLERANCE) {
      const charge = this.charge(pH);
      if (charge > 0) low = pH;
      else high = pH;
      const step = charge / this.fall(pH);
      if (Math.abs(step) < PH_TOLERANCE) return pH + step;
      const next = pH + step;
      const inside = next > low && next < high && Math.abs(step) < width / 2;
      width = inside ? Math.abs(step) : (high - low) / 2;
      pH = inside ? next : (low + high) / 2;
    }
    return (low + high) / 2;
  }

  species(pH: number): AcidSpecies[] {
    const protons = Math.pow(10, -pH);
    const forms = this.acids.flatMap((acid) => {
      const shares = acid.constants.map((constant, step) => constant / Math.pow(protons, step));
      const total = shares.reduce((sum, share) => sum + share, 0);
      return shares.map((share, step) => ({
        charge: acid.topCharge - step,
        concentration: (acid.concentration * share) / total,
      }));
    });
    return [...forms, ...this.air(protons)];
  }
}

/**
 * The pH at which all charges cancel: strong ions + H⁺ - OH⁻ + Σ charge of every weak-acid form = 0.
 * The sum falls steadily with pH, so it is always found; the ionic strength is looped, in half
 * steps as soon as a step is not clearly smaller than the one before.
 *
 * @param solution concentrations in mol/L
 * @returns pH as a meter reads it (-log10 of the proton activity), ionic strength and acid forms in mol/L
 * @throws RangeError when a concentration is not a finite number
 * Source: proton-condition method of any text on aqueous equilibria. Holds at 25 °C; binding of
 * magnesium and calcium by citrate is left out (under 0.1 below pH 5, up to 0.3 above).
 */
export function balanceCharges(solution: IonicSolution): BalancedSolution {
  if (!Number.isFinite(solution.strongCharge) || !Number.isFinite(solution.strongSquares))
    throw new RangeError('balanceCharges: strong ions must be finite concentrations');
  let strength = solution.strongSquares / 2;
  let balance = new FrozenBalance(solution, gammasAt(strength));
  let pH = balance.neutral();
  let lastMove = Infinity;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const step = balance.ionicStrength(pH) - strength;
    const move = Math.abs(step) > lastMove / 2 ? step / 2 : step;
    strength += move;
    lastMove = Math.abs(move);
    balance = new FrozenBalance(solution, gammasAt(strength));
    pH = balance.neutral(pH);
    if (lastMove < STRENGTH_TOLERANCE) break;
  }
  return { pH, ionicStrength: strength, species: balance.species(pH), residual: balance.charge(pH) };
}

/** Where a titration of drinks ends, pH. Source: AOAC and IFU methods for juices. */
export const TITRATION_END_PH = 8.1;

/**
 * Titratable acidity: strong base that brings a liquid to {@link TITRATION_END_PH}. Dilution by the base is left out.
 *
 * @param solution concentrations in mol/L
 * @returns mol/L of base, 0 where the liquid is above that pH already
 */
export function titratableAcidity(solution: IonicSolution): number {
  const rough = new FrozenBalance(solution, gammasAt(solution.strongSquares / 2));
  const balance = new FrozenBalance(solution, gammasAt(rough.ionicStrength(TITRATION_END_PH)));
  return Math.max(0, -balance.charge(TITRATION_END_PH));
}
