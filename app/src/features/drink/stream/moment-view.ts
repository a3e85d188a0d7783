import type { Analysis } from '@wellhydra/core/analyse';
import { durationWords, formatNumber } from '@wellhydra/core/quantity';
import { showMass, showVolume, showTemperature } from '../../../domain/words/units';
import { potContents, type Pot } from '@wellhydra/core/simulate';
import { BANDS, BAND_NAMES, type Band } from '../../../ui/bands';

/** What is in the pot at a moment, in words and numbers. */
export interface MomentView {
  readonly step: number;
  readonly title: string;
  /** Mass, volume, warmth, strength. */
  readonly facts: string;
  readonly parts: readonly { readonly band: Band; readonly name: string; readonly grams: string }[];
  /** What left in this step, what the plants in the pot have taken up, and at the end what each serving takes. */
  readonly leaves: string;
  readonly spoken: string;
}

const LEAST_PART_g = 0.05;

function leavesWords({ steam_g, strained_g = 0, drawn_g = 0 }: Analysis['trace']['entries'][number]): string {
  return [
    steam_g >= 1 ? `${showMass(steam_g)} left as steam` : '',
    strained_g >= 1 ? `${showMass(strained_g)} stayed in the strainer or was poured away` : '',
    drawn_g >= 1 ? `${showMass(drawn_g)} was drawn off` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

const soakedWords = ({ soaked_g }: Pot): string =>
  soaked_g >= 1 ? `of the pieces ${showMass(soaked_g)} is what they have taken up` : '';

/** At its end, what each glass or spoon takes of it. */
function servedWords({ serving, trace }: Analysis, entry: Analysis['trace']['entries'][number]): string {
  return serving && entry === trace.entries.at(-1)
    ? `each serving of ${serving.text} takes ${showMass(serving.mass_g)}`
    : '';
}

/** The pot after a step of the batch, counted from 0; the nearest earlier one where that step was not understood. */
export function momentView(analysis: Analysis, step: number): MomentView | null {
  const entry = analysis.trace.entries.findLast((each) => each.step <= step);
  if (!entry) return null;
  const contents = potContents(entry.pot);
  const parts = BANDS.filter((band) => contents[band] >= LEAST_PART_g).map((band) => ({
    band,
    name: BAND_NAMES[band],
    grams: showMass(contents[band]),
  }));
  const facts = [
    showMass(entry.mass_g),
    entry.volume_mL === null ? '' : showVolume(entry.volume_mL),
    showTemperature(entry.temperature_C),
    entry.brix !== null && entry.brix >= 0.05 ? `${formatNumber(entry.brix, 2)} °Brix` : '',
  ]
    .filter(Boolean)
    .join(' · ');
  const leaves = [leavesWords(entry), soakedWords(entry.pot), servedWords(analysis, entry)].filter(Boolean).join('; ');
  const title = `After step ${step + 1}, ${durationWords(entry.at_min)} in`;
  return {
    step,
    title,
    facts,
    parts,
    leaves,
    spoken: [
      title,
      facts.replaceAll(' · ', ', '),
      parts.map(({ name, grams }) => `${grams} ${name}`).join(', '),
      leaves,
    ]
      .filter(Boolean)
      .join('. '),
  };
}

/** The pot after every step, for those who would rather read the stream. */
export const momentsView = (analysis: Analysis): readonly MomentView[] =>
  analysis.trace.entries.flatMap(({ step }) => momentView(analysis, step) ?? []);
