import type { Ingredient } from '../../catalogue';
import { STRAINING_LOSS_mL, type Straining } from '../../process';
import {
  formatNumber,
  identify,
  splitPhrase,
  nearestNames,
  isUnreadable,
  unreadable,
  type Unreadable,
  readAmount,
} from '../../quantity';
import { elapse } from '../elapse';
import { WorkingPot, type Cake } from '../pot';
import { solidMass, type Solid } from '../solid';
import { evenColumn, type StepContext, type StepDone } from '../step-run';
import { runAdd } from './adding';
import { holdBack } from './holding';

/** Minutes that straining takes, by how. */
const STRAINING_MINUTES: Readonly<Record<Straining, number>> = { drain: 3, press: 6, cloth: 10, mill: 10 };

const STRAINERS: readonly (readonly [RegExp, Straining])[] = [
  [/mill|screw press/, 'mill'],
  [/cloth|muslin|bag|cheesecloth|squeeze/, 'cloth'],
  [/press|spoon/, 'press'],
  [/drain|mesh|sieve|strainer|filter|paper|coarse|fine|colander/, 'drain'],
];

/** How a strainer in words holds back; `gently` leaves a cloth to drip. */
export function readStraining(written: string, gently = false): Straining | Unreadable {
  const text = written.trim().toLowerCase();
  if (text === '') return 'drain';
  const found = STRAINERS.find(([words]) => words.test(text))?.[1];
  if (found) return gently && found === 'cloth' ? 'drain' : found;
  const names = ['drain', 'mesh', 'cloth', 'press', 'mill', 'fine filter'];
  return unreadable('unknown-word', written, `A strainer is ${names.join(', ')}.`, nearestNames(text, names, 3));
}

const massOfCake = ({ solids, held }: Cake): number =>
  solids.reduce((sum, solid) => sum + solidMass(solid)[0]!, held.masses()[0]!);

/** Takes solids out of a pot with what clings to them; the cake before them is done with. */
function takeOut(pot: WorkingPot, solids: readonly Solid[], straining: Straining, loss_mL: number): Cake {
  const held = pot.liquid.take(holdBack(pot, solids, straining, loss_mL));
  if (pot.cake) pot.ledger.discarded.push(pot.cake);
  pot.solids = pot.solids.filter((solid) => !solids.includes(solid));
  const cake = { solids, held };
  pot.cake = cake;
  return cake;
}

/** Gets more liquid out of what was strained off before; g that came, or nothing. */
function squeezeCake(pot: WorkingPot, straining: Straining): number {
  const { cake } = pot;
  if (!cake) return 0;
  const holder = new WorkingPot(pot.chance);
  holder.liquid.pour(cake.held);
  const stays = holdBack(holder, cake.solids, straining, STRAINING_LOSS_mL);
  const out = cake.held.take(stays.map((share) => 1 - share));
  pot.liquid.pour(out);
  if (out.masses()[0]! > 0) pot.dry = false;
  return out.masses()[0]!;
}

/** `strain`: solids leave with the liquid they keep back; or what was strained before is pressed harder. */
export function runStrain(context: StepContext): StepDone | Unreadable {
  const { step, pot } = context;
  const straining = readStraining(step.text, step.gently);
  if (typeof straining !== 'string') return straining;
  const minutes = STRAINING_MINUTES[straining];
  const strainer = step.text.trim().toLowerCase() || 'drain';
  if (pot.solids.length === 0 && pot.cake) {
    squeezeCake(pot, straining);
    return { minutes, handsOn_min: minutes, strainer };
  }
  const cake = takeOut(pot, pot.solids, straining, pot.dry || pot.solids.length === 0 ? 0 : STRAINING_LOSS_mL);
  return { minutes, handsOn_min: minutes, strained_g: massOfCake(cake), strainer };
}

/** Hands-on minutes of fishing pieces out. */
const REMOVE_min = 2;

/** `remove`: one ingredient, or all solids, with what clings to them. */
export function runRemove(context: StepContext): StepDone | Unreadable {
  const { step, pot } = context;
  const text = step.text
    .trim()
    .toLowerCase()
    .replace(/^(?:the|all)(?: the)? /, '');
  let solids: readonly Solid[] = pot.solids.filter(({ suspended }) => !suspended);
  if (!/^(?:solids?|pieces|big pieces|everything|fruit|herbs|spices)?$/.test(text)) {
    const phrase = splitPhrase(text);
    if (isUnreadable(phrase)) return phrase;
    const found: Ingredient | undefined = identify(phrase.words, context.options.own)?.ingredient;
    solids = pot.solids.filter(
      ({ ingredient }) => ingredient === found || ingredient.name.toLowerCase().startsWith(phrase.words.join(' ')),
    );
    if (solids.length === 0) {
      const here = pot.solids.map(({ ingredient }) => ingredient.name.toLowerCase());
      return unreadable(
        'unknown-ingredient',
        step.text,
        here.length > 0
          ? `There is no ${text} in the pot. There is ${here.join(', ')}.`
          : 'There are no pieces in the pot to take out.',
        here,
      );
    }
  }
  const cake = takeOut(pot, solids, 'drain', 0);
  return { minutes: REMOVE_min, handsOn_min: REMOVE_min, strained_g: massOfCake(cake) };
}

/** Minutes the water of a pass stands on the solids. */
const PASS_min = 5;

/** `rinsePass`: fresh water through what was strained off; each pass is weaker. */
export function runRinsePass(context: StepContext): StepDone | Unreadable {
  const { step, pot, kitchen } = context;
  const { cake } = pot;
  if (!cake || cake.solids.length === 0)
    return unreadable(
      'no-ingredient',
      step.text,
      'There is nothing strained off to rinse. Put a "strain" step before it.',
    );
  const straining = readStraining(step.strain ?? 'drain', step.gently);
  if (typeof straining !== 'string') return straining;
  const pass = new WorkingPot(pot.chance, kitchen.tap_C, pot.ledger);
  pass.liquid.pour(cake.held);
  pass.dry = false;
  pass.solids = [...cake.solids];
  const text =
    /[a-z]$/i.test(step.text) && /water|juice|tea|vinegar/i.test(step.text) ? step.text : `${step.text} water`;
  const added = runAdd({ ...context, pot: pass, step: { verb: 'add', text } });
  if ('kind' in added) return added;
  pot.entries.push(...pass.entries);
  elapse(pass, evenColumn(pass, PASS_min), pass.temperature_C);
  const next = takeOut(pass, pass.solids, straining, 0);
  const strength = pass.liquid.brix();
  pot.liquid.pour(pass.liquid);
  pot.cake = next;
  const minutes = PASS_min + STRAINING_MINUTES[straining];
  return {
    minutes,
    handsOn_min: STRAINING_MINUTES[straining] + added.handsOn_min,
    ...(added.line ? { line: added.line, added_g: added.added_g ?? 0 } : {}),
    notes: [{ code: 'pass-strength', text: `What this pass brings has ${formatNumber(strength)} °Brix.` }],
  };
}

/** Share of the pot that a skimming takes where it says nothing. */
const SKIM_SHARE = 0.005;

/** `skim`: a little leaves from the top. */
export function runSkim(context: StepContext): StepDone | Unreadable {
  const { step, pot } = context;
  let share = evenColumn(pot, SKIM_SHARE);
  if (step.text.trim() !== '') {
    const part = shareOfAmount(step.text, pot);
    if ('kind' in part) return part;
    share = part;
  }
  const taken = pot.pourOff(share);
  pot.ledger.skimmed.pour(taken);
  return { minutes: 3, handsOn_min: 3, strained_g: taken.masses()[0]! };
}

/** What share of the liquid an amount is, in each sample; at most all. */
function shareOfAmount(text: string, pot: WorkingPot): Float64Array | Unreadable {
  const amount = readAmount(text);
  if (isUnreadable(amount)) return amount;
  const size = amount.value * amount.unit.size;
  if (amount.unit.dimension !== 'volume' && amount.unit.dimension !== 'mass')
    return unreadable('unit-mismatch', text, 'Write a volume or a mass, such as 250 mL.');
  const body = pot.body();
  const whole = amount.unit.dimension === 'volume' ? body.volumes() : body.masses();
  if (!(whole[0]! >= size))
    return unreadable(
      'not-positive',
      text,
      `There is only ${formatNumber(whole[0]!)} ${amount.unit.dimension === 'volume' ? 'mL' : 'g'} in the pot.`,
    );
  return whole.map((all) => Math.min(1, size / all));
}

/** `draw`: part of the liquid leaves to a bottle of its own. */
export function runDraw(context: StepContext): StepDone | Unreadable {
  const { step, pot } = context;
  if (pot.dry) return unreadable('no-ingredient', step.text, 'There is no liquid in the pot to draw off.');
  const share = /^half$/i.test(step.text.trim()) ? evenColumn(pot, 0.5) : shareOfAmount(step.text, pot);
  if ('kind' in share) return share;
  const drawn = pot.pourOff(share);
  pot.ledger.drawn.pour(drawn);
  return { minutes: 2, handsOn_min: 2, drawn_g: drawn.masses()[0]! };
}

/** What was strained off is pressed with the strength of a hand or a screw. */
export function pressCake(context: StepContext, straining: Straining): StepDone | Unreadable {
  const { pot, step } = context;
  if (pot.solids.length > 0) return runStrain({ ...context, step: { ...step, text: straining } });
  if (!pot.cake) return unreadable('no-ingredient', step.text, 'There is no fruit and nothing strained off to press.');
  squeezeCake(pot, straining);
  return { minutes: STRAINING_MINUTES[straining], handsOn_min: STRAINING_MINUTES[straining], strainer: straining };
}
