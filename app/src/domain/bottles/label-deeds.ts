import { enqueued } from '../../state/sync/queue';
import type { Store } from '../store';
import type { LabelDeeds } from './label-sending';

export const LABELS_LANE = 'labels';

/** Of which bottles and standing jars labels are, by id. */
interface Labelled {
  readonly bottles: readonly string[];
  readonly brews: readonly string[];
}

const done =
  <Kind extends keyof LabelDeeds>(kind: Kind, body: LabelDeeds[Kind], about: string) =>
  (dispatch: Store['dispatch']): void =>
    void dispatch(enqueued({ id: crypto.randomUUID(), kind, body, about, lane: LABELS_LANE }));

/** Of so many labels, as a title. */
export const labelsTitle = ({ bottles, brews }: Labelled): string => {
  const count = bottles.length + brews.length;
  return count === 1 ? 'A label' : `${count} labels`;
};

/** Prints labels at the kitchen’s printer. */
export const labelsPrinted = (labelled: Labelled) =>
  done('labels-printed', { bottles: [...labelled.bottles], brews: [...labelled.brews] }, labelsTitle(labelled));

/** Says that labels are on their bottles. */
export const labelsStuck = (labelled: Labelled) =>
  done('labels-stuck', { bottles: [...labelled.bottles] }, labelsTitle(labelled));
