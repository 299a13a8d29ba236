// Writes docs/eye.md, the rules of the eye and the tables that go with it: part of `npm run lexicon`.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { rules } from '../src/lib/core/checks/rules';
import { effects } from '../src/lib/core/lexicon/effects';
import { features } from '../src/lib/core/lexicon/features';
import { eraMarks } from '../src/lib/core/lexicon/era-marks';
import { moveNeeds } from '../src/lib/core/lexicon/move-needs';
import { moves, type MoveId } from '../src/lib/core/lexicon/moves';
import { schoolGuide, schoolLabel, schoolQuestions } from '../src/lib/core/lexicon/schools';
import { familyStandIns, standIns } from '../src/lib/core/lexicon/stand-ins';
import { garmentType, garmentTypes } from '../src/lib/core/lexicon/taxonomy';
import { transformationIds } from '../src/lib/core/lexicon/transformation-ids';
import { transformationOf, type Need } from '../src/lib/core/lexicon/transformations';
import { table } from './markdown';

const named = (id: string) => garmentType(id).singular;
const familyName = (id: string) => garmentTypes.find(({ family }) => family === id)?.familyLabel ?? id;

function needInWords(need: Need): string {
	switch (need.kind) {
		case 'covers-seat':
			return 'ends a hand below the seat of this client';
		case 'goes-round':
			return `its ${need.by} goes round the ${need.measure}, ${need.extraCm} cm to spare`;
		case 'at-least-cm':
			return `at least ${need.cm} cm long`;
		default:
			return need.words;
	}
}

/** The page as Markdown. */
export function eyePage(): string {
	return [
		'# The eye, wishes and transformations',
		'Written by `npm run lexicon` from the tables in `src/lib/core/`; change them there. Common practice; thresholds with their reasons are in `core/checks/thresholds.ts`.',
		'## Rules of the eye',
		table(
			['rule', 'standing', 'reason', 'silent under'],
			rules.map(({ title, standing, reason, silentUnder }) => [
				title,
				standing,
				reason,
				(silentUnder?.schools ?? []).map(schoolLabel).join(', ')
			])
		),
		'## Schools',
		'The first of each is the default.',
		table(
			['question', 'schools', 'changes'],
			Object.entries(schoolQuestions).map(([question, schools]) => {
				const { asks, changes } = schoolGuide[question as keyof typeof schoolGuide];
				return [asks, schools.map(schoolLabel).join(' · '), changes];
			})
		),
		'## Features that serve a wish',
		table(
			['wish', 'for it', 'against it'],
			Object.entries(effects).map(([effect, { label }]) => {
				const said = (works: string) =>
					features
						.filter((feature) => feature.effect === effect && feature.works === works)
						.map(({ words }) => words)
						.join('; ');
				return [label, said('for'), said('against')];
			})
		),
		`## What a piece can become (${transformationIds.length})`,
		table(
			['from', 'becomes', 'needs', 'what to do', 'minutes', 'undone'],
			transformationIds.map((id) => {
				const { from, label, needs, how, minutes, undone } = transformationOf(id);
				const whence = [...(from.types ?? []).map(named), ...(from.families ?? []).map(familyName)].join(
					', '
				);
				return [
					whence,
					label,
					needs.map(needInWords).join('; '),
					how,
					String(minutes),
					undone.replace(/-/g, ' ')
				];
			})
		),
		'## What stands in the way of a move',
		table(
			['move', 'cannot be done where'],
			Object.entries(moveNeeds).map(([move, needs]) => [
				moves[move as MoveId].label,
				needs.map(({ words }) => words).join('; ')
			])
		),
		'## Marks of an era',
		table(
			['era', 'types'],
			Object.entries(eraMarks).map(([era, types]) => [era, types.map(named).join(', ')])
		),
		'## Stand-ins',
		table(
			['one', 'the other', 'likeness', 'reason'],
			[
				...standIns.map(([a, b, likeness, reason]) => [named(a), named(b), String(likeness), reason]),
				...familyStandIns.map(([a, b, likeness, reason]) => [
					`any of ${familyName(a)}`,
					`any of ${familyName(b)}`,
					String(likeness),
					reason
				])
			]
		)
	]
		.join('\n\n')
		.concat('\n');
}

if (process.argv[1] === import.meta.filename)
	writeFileSync(join(import.meta.dirname, '../docs/eye.md'), eyePage());
