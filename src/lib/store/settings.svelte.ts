import { settingsId, type Settings } from '../core';
import { database } from './database';
import { live, type Live } from './live.svelte';

/** The studio's settings as they are; undefined before a studio is begun. */
export const studioSettings = (): Live<Settings | undefined> =>
	live(() => () => database.settings.get(settingsId));
