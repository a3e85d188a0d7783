import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { archiveSchema } from '../src/archive/archive-schema';

const FILE = join(__dirname, '../../docs/kitchen-archive.schema.json');

/** `WRITE_SCHEMA=1 npm test -- unit --testPathPatterns archive-schema` writes it anew. */
test('the schema under docs is the one that archives are read with', () => {
  const text = `${JSON.stringify(archiveSchema(), null, 2)}\n`;
  if (process.env.WRITE_SCHEMA) writeFileSync(FILE, text);
  expect(readFileSync(FILE, 'utf8')).toBe(text);
});
