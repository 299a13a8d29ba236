import * as z from 'zod';
import { studioDocumentSchema } from '../model/studio';

/**
 * What `studio.json` holds, as a JSON Schema of the draft 2020-12, made from the schemas that check it. What is checked across
 * fields, such as links between records, has no form there.
 */
export const studioSchemaText = (): string =>
	`${JSON.stringify(
		z.toJSONSchema(studioDocumentSchema, {
			target: 'draft-2020-12',
			unrepresentable: 'any',
			reused: 'ref'
		})
	)}\n`;
