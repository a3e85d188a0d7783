/** Everything that is read off the trace of a drink, and its printed form. */
export { analyseDrink, servingComposition } from './analyse-drink';
export type { Analysis, AnalysisProblem, AnalyseOptions } from './analyse-drink';
export { ANALYSIS_FORMAT, analysisReport } from './analysis-report';
export { SPREAD_FIGURES, figureValue } from './figure';
export type { SpreadFigure } from './figure';
export type { Finding } from '../finding';
export { contributionsTo } from './contributions';
export type { Contribution } from './contributions';
