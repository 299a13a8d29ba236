// Writes what a studio's file holds as a JSON Schema (2020-12): `npm run schema`.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { studioSchemaText } from '../src/lib/core/exchange/schema';

writeFileSync(join(import.meta.dirname, '../docs/studio.schema.json'), studioSchemaText());
