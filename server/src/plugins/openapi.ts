import swagger from '@fastify/swagger';
import swaggerUi from '@fastify/swagger-ui';
import { ERROR_CODES } from '@wellhydra/contract';
import fastifyPlugin from 'fastify-plugin';
import { jsonSchemaOf, type JsonSchema } from './json-schema';

const toJson = (schema: unknown): JsonSchema => jsonSchemaOf(schema, 'open-api');

const ERROR = {
  type: 'object',
  required: ['code', 'message'],
  properties: { code: { type: 'string', enum: Object.keys(ERROR_CODES) }, message: { type: 'string' }, details: {} },
};

/** OpenAPI at /api/docs, from the same schemas that requests are checked with. */
export const openapiPlugin = fastifyPlugin(
  async (app) => {
    await app.register(swagger, {
      openapi: {
        openapi: '3.0.3',
        info: {
          title: 'Wellhydra',
          version: '0.1.0',
          description: 'Drinks, brews and bottles of a kitchen. Sign in first; the session is a cookie.',
        },
        components: { securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'wellhydra_session' } } },
        security: [{ session: [] }],
      },
      transform: ({ schema, url }) => {
        if (!schema) return { schema: {}, url };
        const { body, params, querystring, response, ...rest } = schema as Record<string, unknown>;
        const answers = Object.entries((response as Record<string, unknown>) ?? {}).map(([status, each]) => [
          status,
          { description: 'Done', ...toJson(each) },
        ]);
        return {
          url,
          schema: {
            ...rest,
            ...(body ? { body: toJson(body) } : {}),
            ...(params ? { params: toJson(params) } : {}),
            ...(querystring ? { querystring: toJson(querystring) } : {}),
            response: { ...Object.fromEntries(answers), '4XX': { description: 'A coded error', ...ERROR } },
          },
        };
      },
    });
    await app.register(swaggerUi, { routePrefix: '/api/docs', staticCSP: true, uiConfig: { docExpansion: 'list' } });
  },
  { name: 'openapi' },
);
