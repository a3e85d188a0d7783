import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { measureGains, surerBy, type Surer } from '@wellhydra/core/weighing';
import { analyseDocument } from '../../domain/run/analyse-document';
import { runContext } from '../../domain/run/run-context';

export interface MeasuresQuestion {
  /** Drinks that are looked at. */
  readonly drinks: readonly DrinkDocument[];
  readonly settings: KitchenSettings;
  /** Drinks that these may use. */
  readonly others: readonly DrinkDocument[];
}

/** How much surer a drink is, or would be. */
export interface SurerDrink {
  readonly drink: string;
  readonly surer: Surer;
}

/** A measure that would be worth weighing. */
export interface WorthWeighing {
  readonly name: string;
  /** What is measured with it. */
  readonly of: { readonly id: string; readonly name: string };
  readonly usual_g: number;
  /** Relative spread from hand to hand. */
  readonly cv: number;
  readonly gain: number;
  /** The drink that would gain most. */
  readonly most: SurerDrink | null;
}

export interface MeasuresAnswer {
  /** What narrows the spread most comes first. */
  readonly worth: readonly WorthWeighing[];
  /** Drinks that are surer by a measure that was weighed, by its id. */
  readonly surer: Readonly<Record<string, readonly SurerDrink[]>>;
}

/** What weighing has brought and would bring; runs in the worker, and in place where there is none. */
export function answerMeasures({ drinks, settings, others }: MeasuresQuestion): MeasuresAnswer {
  const context = runContext(settings, others);
  const worth = new Map<string, WorthWeighing>();
  const surer: Record<string, SurerDrink[]> = {};
  for (const document of drinks) {
    const analysis = analyseDocument(document, context);
    for (const each of measureGains(analysis)) {
      const { id, name } = each.ingredient;
      const key = `${each.name}|${id}`;
      const before = worth.get(key);
      const here = each.surer ? { drink: document.name, surer: each.surer } : null;
      const more = here && (!before?.most || each.gain > before.gain) ? here : (before?.most ?? here);
      worth.set(key, {
        name: each.name,
        of: { id, name },
        usual_g: each.usual_g,
        cv: each.cv,
        gain: (before?.gain ?? 0) + each.gain,
        most: more,
      });
    }
    for (const { id } of settings.measures ?? []) {
      const found = surerBy(analysis.drink, context.options, new Set([id]));
      if (found) (surer[id] ??= []).push({ drink: document.name, surer: found });
    }
  }
  return { worth: [...worth.values()].sort((a, b) => b.gain - a.gain), surer };
}
