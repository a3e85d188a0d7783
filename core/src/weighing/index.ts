/** What weighing one's own pinch, knob or mug is worth: how much surer a drink becomes by it. */
export { measureGains, surerBy, vagueMeasures } from './measure-gains';
export type { MeasureGain, Surer, VagueMeasure } from './measure-gains';
