import { ARCHIVE_KINDS, ARCHIVE_ROWS } from '@wellhydra/contract';
import { jsonSchemaOf } from '../plugins/json-schema';

/** JSON Schema of a line of an archive, from the schemas that archives are read with. */
export const archiveSchema = (): object => ({
  $schema: 'https://json-schema.org/draft/2019-09/schema',
  title: 'A line of an archive of a Wellhydra kitchen',
  oneOf: ARCHIVE_KINDS.map((kind) => ({
    title: kind,
    ...jsonSchemaOf(ARCHIVE_ROWS[kind], 'json-draft-2019-09'),
  })),
});
