import { OWN_NUMBERS, OWN_TEXTS } from './own-ingredient-fields';
import { DRINK_FORMAT, DRINK_KINDS, FLAG_QUALIFIERS, TEXT_QUALIFIERS } from './drink';
import { VERBS } from './verbs';

/** JSON Schema (draft 2020-12) of the drink file. */
export const DRINK_SCHEMA = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: `urn:${DRINK_FORMAT}`,
  title: 'Wellhydra drink file',
  type: 'object',
  required: ['format', 'name', 'kind', 'steps'],
  additionalProperties: false,
  properties: {
    format: { const: DRINK_FORMAT },
    name: { type: 'string', minLength: 1 },
    kind: { enum: [...DRINK_KINDS] },
    serving: { type: 'string', description: 'Size of one serving, such as "180 mL"' },
    source: { type: 'string', description: 'The recipe it was read from, in the words in which it was written' },
    target: { type: 'string', description: 'Code of the target the drink is measured against' },
    steps: { type: 'array', items: { $ref: '#/$defs/step' } },
    atServing: { type: 'array', items: { $ref: '#/$defs/step' } },
    preparations: { type: 'object', additionalProperties: { $ref: '#' } },
    ingredients: { type: 'array', items: { $ref: '#/$defs/ingredient' } },
  },
  $defs: {
    ingredient: {
      type: 'object',
      description: "An ingredient of the maker's own: a formula, or what a package says of one serving",
      required: ['name'],
      oneOf: [{ required: ['formula'] }, { required: ['label'] }],
      additionalProperties: false,
      properties: {
        ...Object.fromEntries(OWN_TEXTS.map((name) => [name, { type: 'string' }])),
        ...Object.fromEntries(OWN_NUMBERS.map((name) => [name, { type: 'number', exclusiveMinimum: 0 }])),
        label: { type: 'object', additionalProperties: { type: ['number', 'string'] } },
      },
    },
    step: {
      type: 'object',
      description: 'One verb with text that the quantity reader understands, and qualifiers',
      // `strain` is a verb of its own and a qualifier of `rinsePass`.
      oneOf: VERBS.map((verb) =>
        verb === 'strain' ? { required: [verb], not: { required: ['rinsePass'] } } : { required: [verb] },
      ),
      properties: {
        ...Object.fromEntries(VERBS.map((verb) => [verb, { type: 'string' }])),
        ...Object.fromEntries(TEXT_QUALIFIERS.map((name) => [name, { type: 'string' }])),
        ...Object.fromEntries(FLAG_QUALIFIERS.map((name) => [name, { type: 'boolean' }])),
      },
    },
  },
} as const;
