/** A day is that day wherever it is read. */
import { expect, openDemo, test } from './studio';

for (const timezoneId of ['America/New_York', 'Asia/Kolkata', 'Pacific/Kiritimati']) {
	test.describe(timezoneId, () => {
		test.use({ timezoneId });
		test('events stand under the days that they are stored with', async ({ page }) => {
			await openDemo(page);
			const stored = await page.evaluate(async () => {
				const open = indexedDB.open('prime-echo');
				const db = await new Promise<IDBDatabase>((resolve) => (open.onsuccess = () => resolve(open.result)));
				const all = db.transaction('events').objectStore('events').getAll();
				const events = await new Promise<{ title: string; date: string }[]>(
					(resolve) => (all.onsuccess = () => resolve(all.result))
				);
				db.close();
				return events.map(({ title, date }) => ({ title, date }));
			});
			expect(stored.length).toBeGreaterThan(0);
			for (const { title, date } of stored) {
				// The days of the week and of the month by UTC arithmetic, which knows no zone.
				const [year, month, day] = date.split('-').map(Number) as [number, number, number];
				const weekday = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'][
					new Date(Date.UTC(year, month - 1, day)).getUTCDay()
				];
				const entry = page
					.getByRole('region', { name: 'Coming up' })
					.getByRole('listitem')
					.filter({ hasText: title });
				await expect(entry).toContainText(new RegExp(`${weekday},? ${day} `));
			}
		});
	});
}
