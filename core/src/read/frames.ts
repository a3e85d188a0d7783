import type { ActionFrame } from './action-frame';
import type { IngredientFrame } from './ingredient-frame';
import type { OpenQuestion, Read } from './reading';
import type { Token } from './tokens';

export interface Added {
  readonly kind: 'add';
  readonly frame: IngredientFrame;
  readonly tokens: readonly Token[];
  readonly relative: string | null;
  readonly ask: Asked | null;
}
export interface Done {
  readonly kind: 'act';
  readonly frame: ActionFrame;
}
/** A part of a line that became a step. */
export type Frame = Added | Done;
export interface Asked {
  readonly ask: string;
  readonly choices: readonly string[];
}

/** 5 % and 95 % points of a normal distribution, in standard deviations. */
const P95_SD = 1.645;
/** Two words for one standing: how it was left, and for how long. */
export const asOne = (left: ActionFrame, frame: ActionFrame): ActionFrame => ({
  ...frame,
  step: { ...left.step, ...frame.step, verb: left.step.verb === 'steep' ? 'steep' : frame.step.verb },
  with: { ...left.with, ...frame.with },
});

export const asked = (ask: string | null, choices: readonly string[] = []): Asked | null =>
  ask === null ? null : { ask, choices };

export function readOfIngredient({ frame, relative }: Added): Read {
  const { line, bare } = frame;
  const mass = !bare && line.dose.kind === 'mass' ? line.dose : null;
  return {
    verb: 'add',
    ingredient: line.ingredient.name.toLowerCase(),
    form: line.form ?? null,
    grams: mass ? mass.mass_g : null,
    p5: mass ? mass.mass_g * Math.exp(-P95_SD * mass.cv) : null,
    p95: mass ? mass.mass_g * Math.exp(P95_SD * mass.cv) : null,
    relative,
    minutes: null,
    celsius: null,
    with: {},
  };
}

export const readOfAction = ({ frame }: Done): Read => ({
  verb: frame.step.verb,
  ingredient: frame.thing ?? null,
  form: null,
  grams: frame.grams ?? null,
  p5: null,
  p95: null,
  relative: frame.relative,
  minutes: frame.minutes,
  celsius: frame.celsius,
  with: frame.with,
});

export const openAs = ({ ask, choices }: Asked, about: OpenQuestion['about']): readonly OpenQuestion[] => [
  { ask, choices: choices.map((says) => ({ says, edit: says })), about },
];

/** What the question of something done is about: a temperature in the other scale is no matter of how it is done. */
const aboutDoing = ({ frame }: Done): OpenQuestion['about'] =>
  frame.step.verb === 'bottle' ? 'bottles' : frame.with.scale || frame.with.more ? 'else' : 'doing';

/** What must be asked of a part of a line. */
export function openOf(each: Frame): readonly OpenQuestion[] {
  if (each.kind === 'act')
    return each.frame.ask === null ? [] : openAs({ ask: each.frame.ask, choices: [] }, aboutDoing(each));
  const { frame, relative, ask } = each;
  // "The rest of the water" is known where the water is listed.
  if (ask) return openAs(ask, /^(?:the rest|0\.\d+ of it)$/.test(relative ?? '') ? 'amount' : 'else');
  if (frame.ask && relative === null) return openAs(frame.ask, frame.bare ? 'amount' : 'else');
  const name = frame.line.ingredient.name.toLowerCase();
  return frame.bare && relative === null ? openAs({ ask: `How much ${name}?`, choices: [] }, 'amount') : [];
}
