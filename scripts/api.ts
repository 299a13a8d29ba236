// Writes docs/openapi.json from the schemas that the routes read and answer with: `npm run api`.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { apiDocument } from '../src/lib/server/api-document';

writeFileSync(join(import.meta.dirname, '../docs/openapi.json'), `${JSON.stringify(apiDocument())}\n`);
