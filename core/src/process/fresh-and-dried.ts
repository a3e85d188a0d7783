/** Water in a dried plant, share of its mass. */
export const DRIED_WATER = 0.1;

/** Dried plant that fresh plant comes to: fresh (1 - wf)/(1 - wd). */
export function driedFromFresh(fresh_g: number, freshWater: number): number {
  return (fresh_g * (1 - freshWater)) / (1 - DRIED_WATER);
}

/** Fresh plant that dried plant came from. */
export function freshFromDried(dried_g: number, freshWater: number): number {
  return (dried_g * (1 - DRIED_WATER)) / (1 - freshWater);
}
