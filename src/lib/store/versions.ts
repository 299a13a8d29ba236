/** Versions of an echo as changes of the store: kept, gone back to, dropped. Each is one change, and can be undone. */
import { asVersion, putTogether, type Version } from '../core';
import { newId, today } from './clock';
import type { Writer } from './writer';

/** Keeps what an echo wears now under a name. */
export const keepVersion =
	(echoId: string, { name, kind }: Pick<Version, 'name' | 'kind'>) =>
	(writer: Writer) =>
		writer.edit('echoes', echoId, (draft) => {
			draft.versions.push(asVersion(draft, { id: newId(), name, kind, on: today() }));
		});

/** Goes back to a version; what is worn now is kept under a name where one is given. */
export const wearVersion = (echoId: string, versionId: string, keepAs?: string) => (writer: Writer) =>
	writer.edit('echoes', echoId, (draft) => {
		const version = draft.versions.find(({ id }) => id === versionId);
		if (!version) return;
		if (keepAs)
			draft.versions.push(asVersion(draft, { id: newId(), name: keepAs, kind: 'fitted', on: today() }));
		Object.assign(draft, putTogether(version));
	});

export const dropVersion = (echoId: string, versionId: string) => (writer: Writer) =>
	writer.edit('echoes', echoId, (draft) => {
		draft.versions = draft.versions.filter(({ id }) => id !== versionId);
	});
