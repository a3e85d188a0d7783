/** Open formats: schema.org Recipe JSON-LD in and out, CSV and Markdown out. */
export { analysisCsv } from './analysis-csv';
export { analysisMarkdown } from './analysis-markdown';
export { importRecipe, recipeOf } from './recipe-jsonld';
export type { ImportedRecipe } from './recipe-jsonld';
export { sentenceStep, stepSentence } from './step-sentence';
export { logbookCsv } from './logbook-csv';
export type { LogbookLine } from './logbook-csv';
