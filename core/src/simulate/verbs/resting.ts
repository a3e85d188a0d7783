import type { Kitchen } from '../../equipment';
import { cooledTo, coolingConstant, potFor, type CoolingPlace } from '../../process';
import { isUnreadable, unreadable, type Unreadable } from '../../quantity';
import type { Column } from '../chance';
import { elapse } from '../elapse';
import { readMinutes, readOptionalMinutes } from '../read-qualifiers';
import { evenColumn, type StepContext, type StepDone } from '../step-run';
import { breakTo, isFresh } from '../solid';
import { heatCapacity, runAdd } from './adding';
import { holdBack } from './holding';

/** Where something stands: what is around it, and how fast it takes that temperature. */
interface Surroundings {
  readonly around_C: number;
  /** Held at that temperature from the start. */
  readonly held: boolean;
  readonly place: CoolingPlace;
}

function readPlace(written: string | undefined, usual: string, kitchen: Kitchen): Surroundings | Unreadable {
  const text = (written ?? usual)
    .trim()
    .toLowerCase()
    .replace(/^(?:in |at )?(?:the |a )?/, '');
  if (
    /^(?:off heat|off the heat|room|room temperature|table|counter|dark cupboard|cupboard|dark|windowsill)$/.test(text)
  )
    return { around_C: kitchen.room_C, held: false, place: 'room' };
  if (/^(?:cool room|cellar|pantry|cool place)$/.test(text))
    return { around_C: kitchen.coolRoom_C, held: false, place: 'room' };
  if (/^(?:fridge|refrigerator|cold)$/.test(text)) return { around_C: kitchen.fridge_C, held: false, place: 'fridge' };
  const degrees = /^(-?\d+(?:\.\d+)?) ?°? ?(c|f)$/.exec(text);
  if (degrees) {
    const value = Number(degrees[1]);
    const around_C = degrees[2] === 'f' ? (value - 32) / 1.8 : value;
    if (around_C > -30 && around_C <= 100) return { around_C, held: true, place: 'room' };
  }
  return unreadable(
    'unknown-word',
    written ?? usual,
    'A place is off heat, room, cool room, fridge or dark cupboard, or a temperature such as 20 °C.',
    ['off heat', 'room', 'fridge', '20 °C'],
  );
}

/** Stretches in which a steep that cools is followed; the first are the shortest. */
const STRETCHES = 12;

/**
 * Lets time pass while the pot goes from its temperature toward what is around it.
 *
 * @param minutes in each sample
 * @param tau_min time constant of sample 0; a sample that takes longer goes through the same temperatures more slowly
 */
export function elapseToward(context: StepContext, minutes: Column, around_C: number, tau_min: number): void {
  const { pot } = context;
  const from_C = pot.temperature_C[0]!;
  let before = 0;
  for (let index = 1; index <= STRETCHES; index += 1) {
    const until = (index / STRETCHES) ** 2;
    const middle = (minutes[0]! * (before + until)) / 2;
    const stretch = minutes.map((each) => each * (until - before));
    const temperature_C = evenColumn(pot, cooledTo(tau_min, from_C, around_C, middle));
    elapse(pot, stretch, temperature_C, index < STRETCHES);
    before = until;
  }
  pot.temperature_C.fill(cooledTo(tau_min, from_C, around_C, minutes[0]!));
}

/** Time constant of the kitchen's pot with what is in it, min. */
export function potConstant(context: StepContext, place: CoolingPlace): number {
  const { pot, kitchen } = context;
  const { diameter_m, mass_kg } = kitchen.pots[kitchen.pot]!;
  return coolingConstant(heatCapacity(pot)[0]!, potFor(pot.liquid.volumes()[0]!, diameter_m, mass_kg), place);
}

/** Hands-on minutes of putting something aside. */
const SET_ASIDE_min = 1;

function stand(context: StepContext, usualPlace: string): StepDone | Unreadable {
  const { step, pot, kitchen } = context;
  const minutes = readMinutes(step.text);
  if (typeof minutes !== 'number') return minutes;
  const where = readPlace(step.at, usualPlace, kitchen);
  if (isUnreadable(where)) return where;
  const hottest_C = Math.max(pot.temperature_C[0]!, where.held ? where.around_C : -Infinity);
  if (pot.dry || where.held) {
    pot.temperature_C.fill(where.around_C);
    elapse(pot, evenColumn(pot, minutes), pot.temperature_C);
  } else {
    const tau_min = potConstant(context, where.place);
    elapseToward(context, evenColumn(pot, minutes), where.around_C, tau_min);
    return { minutes, handsOn_min: SET_ASIDE_min, hottest_C, cooling: { minutes, tau_min, around_C: where.around_C } };
  }
  return { minutes, handsOn_min: SET_ASIDE_min, hottest_C };
}

/** `steep`: off the heat, unless it says where. */
export const runSteep = (context: StepContext): StepDone | Unreadable => stand(context, 'off heat');
/** `rest`: at room temperature, unless it says where. */
export const runRest = (context: StepContext): StepDone | Unreadable => stand(context, 'room');
/** `infuse`: cold, unless it says where. */
export const runInfuse = (context: StepContext): StepDone | Unreadable => stand(context, 'fridge');

/** `soak`: in a liquid of its own, which is poured away unless it is kept, or in what is in the pot. */
export function runSoak(context: StepContext): StepDone | Unreadable {
  const { step, pot } = context;
  const added = step.in === undefined ? undefined : runAdd({ ...context, step: { verb: 'add', text: step.in } });
  if (added && 'kind' in added) return added;
  const soaked = stand(context, 'room');
  if ('kind' in soaked) return soaked;
  const lineOf = added?.line ? { line: added.line, added_g: added.added_g ?? 0 } : {};
  const minutes = soaked.minutes + (added?.minutes ?? 0);
  const done = { ...soaked, ...lineOf, minutes, handsOn_min: soaked.handsOn_min + (added?.handsOn_min ?? 0) };
  if (step.in === undefined || step.keepLiquid) return done;
  // The solids stay, with the liquid that clings to them.
  const clings = holdBack(pot, pot.solids, 'drain');
  const poured = pot.liquid.take(clings.map((share) => 1 - share));
  pot.ledger.discarded.push({ solids: [], held: poured });
  return { ...done, strained_g: poured.masses()[0]! };
}

/** `freeze`: opens the cells of fresh fruit, as frost does. */
export function runFreeze(context: StepContext): StepDone | Unreadable {
  const minutes = readOptionalMinutes(context.step.text, 720);
  if (typeof minutes !== 'number') return minutes;
  for (const solid of context.pot.solids) {
    solid.opened = true;
    if (isFresh(solid)) breakTo(solid, 'thawed');
  }
  return { minutes, handsOn_min: SET_ASIDE_min };
}

/** Minutes a wash takes where it says nothing. */
const WASH_min = 3;

/** `wash`: time only. */
export function runWash(context: StepContext): StepDone | Unreadable {
  const { step } = context;
  const minutes = step.for === undefined ? WASH_min : readMinutes(step.for);
  if (typeof minutes !== 'number') return minutes;
  return { minutes, handsOn_min: Math.min(minutes, WASH_min) };
}

/** Minutes a stir, a shake or dissolving takes where it says nothing. */
const STIR_min = 2;

/** `stir`, `shake`, `dissolve`: brings crystals into solution. */
export function runStir(context: StepContext): StepDone | Unreadable {
  const { pot } = context;
  const minutes = readOptionalMinutes(context.step.text, STIR_min);
  if (typeof minutes !== 'number') return minutes;
  elapse(pot, evenColumn(pot, minutes), pot.temperature_C);
  pot.settle();
  return { minutes, handsOn_min: Math.min(minutes, 5) };
}
