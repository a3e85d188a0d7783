import Joi from 'joi';
import joiToJson from 'joi-to-json';

export type JsonSchema = Readonly<Record<string, unknown>>;

/** Stands in for the keys of a record on its way through the converter, which knows no others than written ones. */
const ANY_KEY = '/any key/';
type Node = Record<string, unknown>;
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Does something to every object of a tree, from the leaves on. */
function eachNode(value: unknown, change: (node: Node) => Node): unknown {
  if (Array.isArray(value)) return value.map((each) => eachNode(each, change));
  if (!isNode(value) || value instanceof RegExp || value instanceof Date) return value;
  return change(Object.fromEntries(Object.entries(value).map(([key, each]) => [key, eachNode(each, change)])));
}

/** A description in which what a record holds can be seen by the converter. */
const withSeenRecords = (description: unknown): unknown =>
  eachNode(description, (node) =>
    Array.isArray(node.patterns)
      ? { ...node, patterns: (node.patterns as Node[]).map(({ rule }) => ({ regex: ANY_KEY, rule })) }
      : node,
  );

/** A description in which nothing, where it is allowed beside alternatives, is one of them: else the converter loses it. */
const withSeenNothing = (description: unknown): unknown =>
  eachNode(description, (node) =>
    node.type === 'alternatives' && Array.isArray(node.allow) && node.allow.includes(null)
      ? {
          ...node,
          allow: undefined,
          matches: [...(node.matches as Node[]), { schema: { type: 'any', allow: [null] } }],
        }
      : node,
  );

/** The records as JSON Schema has them: what stands under any other key. */
const withRecords = (schema: unknown): unknown =>
  eachNode(schema, (node) => {
    const { [ANY_KEY]: value, ...properties } = (node.properties ?? {}) as Node;
    if (value === undefined) return node;
    const { patternProperties: _, ...rest } = node;
    return { ...rest, properties, additionalProperties: value };
  });

/** Nothing as JSON Schema has it, where the converter leaves a hole for it. */
const withNothing = (schema: unknown): unknown =>
  eachNode(schema, (node) =>
    Array.isArray(node.anyOf) ? { ...node, anyOf: node.anyOf.map((each) => each ?? { type: 'null' }) } : node,
  );

/** A schema of the contract as JSON Schema, in the dialect of OpenAPI or in its own. */
export function jsonSchemaOf(schema: unknown, dialect: 'open-api' | 'json-draft-2019-09'): JsonSchema {
  if (!Joi.isSchema(schema)) return schema as JsonSchema;
  const seen = { describe: () => withSeenNothing(withSeenRecords((schema as Joi.Schema).describe())) };
  return withNothing(withRecords(joiToJson(seen as unknown as Joi.Schema, dialect))) as JsonSchema;
}
