// Writes the ids of the lexicon that records of this version may hold: `npm run ids`, once when a version is closed.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { schemaVersion } from '../src/lib/core';
import { storedIds } from '../tests/stored-ids';

writeFileSync(
	join(import.meta.dirname, `../tests/unit/data/ids-v${schemaVersion}.json`),
	`${JSON.stringify(storedIds(), null, '\t')}\n`
);
