/** What can be set side by side: an echo as it is worn now, its versions, and other echoes of the same reference. */
import {
	checkLook,
	garmentsBetween,
	matchOf,
	resolveItem,
	sameAs,
	scoreEcho,
	spendOf,
	wornPieces,
	type Echo,
	type Element,
	type LookCloseness,
	type PutTogether,
	type Spend,
	type Version
} from '$lib/core';
import { m } from '../../messages';
import type { OnTable } from '../table/table.svelte';

export interface Column {
	key: string;
	title: string;
	/** Another echo's table. */
	href?: string;
	worn: PutTogether & Pick<Echo, 'schools' | 'spendLimit'>;
	/** The version that it is; absent for what is worn now. */
	version?: Version;
}

/** All columns there are, this echo as it is worn now first, then its versions, the latest first, then other echoes. */
export function columnsOf(echo: Echo, others: readonly Echo[]): Column[] {
	const { schools, spendLimit, versions } = echo;
	return [
		{ key: echo.id, title: versions.length > 0 ? m.fitting.versions.now : echo.title, worn: echo },
		...[...versions].reverse().map((version): Column => ({
			key: version.id,
			title: version.name,
			worn: { ...version, schools, spendLimit },
			version
		})),
		...others
			.filter(({ id }) => id !== echo.id)
			.map((other): Column => ({
				key: other.id,
				title: other.title,
				href: `/fitting/${other.id}`,
				worn: other
			}))
	];
}

/** How a column stands: its score, money, findings, and what it wears otherwise than what is worn now. */
export interface Standing {
	score: LookCloseness;
	spend: Spend;
	faults: number;
	praises: number;
	changed: { on: string[]; off: string[] };
	isNow: boolean;
}

export function standingOf(
	{ worn }: Column,
	{ echo, reference, client, pieces, event, currency, rates }: OnTable
): Standing {
	const findings = checkLook(wornPieces(worn, pieces), {
		client,
		event,
		schools: worn.schools,
		degree: reference.recipe?.degree
	});
	const praises = findings.filter(({ severity }) => severity === 'praise').length;
	return {
		score: scoreEcho(worn, reference, pieces, client),
		spend: spendOf(worn, currency, rates),
		faults: findings.length - praises,
		praises,
		changed: garmentsBetween(echo, worn, pieces),
		isNow: sameAs(worn, echo)
	};
}

/** What answers an element in a column, in words. */
export function answerIn({ worn }: Column, element: Element, { pieces }: Pick<OnTable, 'pieces'>): string {
	const match = matchOf(worn, element.id);
	if (!match) return m.fitting.gap;
	if (match.state === 'done') return m.fitting.done;
	if (match.state === 'left-out') return m.fitting.leftOut;
	return match.items.map((item) => resolveItem(item, pieces)?.title ?? '').join(', ');
}
