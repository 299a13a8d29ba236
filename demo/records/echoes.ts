/** The demo’s echoes with their versions, judgements and answers, made by the same functions as in the app. */
import { answersTo, type AnswerLine } from './answers';
import {
	asVersion,
	choosing,
	freshEcho,
	freshExtra,
	inOrder,
	judge,
	optionsOfPiece,
	plannedFor,
	type Client,
	type Echo,
	type Match,
	type MoveId,
	type Piece,
	type Reference,
	type Version,
	type Studio
} from '../../src/lib/core/index';
import { dayAt, eachLine, headed, idOf, keyOf, listed, pounds, read, typeIds } from './source';

/** Matches of an echo, made by the same functions as on the fitting table. */
function matchesFrom(
	file: string,
	lines: string,
	reference: Reference,
	pieces: Piece[],
	base: readonly Match[] = []
): Match[] {
	const key = keyOf(file);
	let matches: Match[] = [...base];
	eachLine(`echoes/${file}`, lines, ([pair = '', reason, moves]) => {
		if (pair.startsWith('+')) return;
		const [type = '', answer = ''] = pair.split('>').map((text) => text.trim());
		const element = inOrder(reference.elements).find(
			({ garment }) => garment.type === typeIds.get(type.toLowerCase())
		);
		if (!element) throw new Error(`the reference has no "${type}"`);
		const id = idOf('match', key, type);
		if (answer === '-')
			matches = choosing.noteMatch(choosing.leaveOut(matches, element.id, id), element.id, {
				reason: (reason || 'other') as Match['reason'],
				instead: moves ?? ''
			});
		else if (answer === 'done') matches = choosing.markDone(matches, element, id);
		else {
			// "Gold bangles + Glass bangles": worn together.
			const [first = '', ...others] = answer.split('+').map((name) => name.trim());
			const chosen = (name: string) => {
				const option = pieces.flatMap(optionsOfPiece).find(({ piece }) => piece.name === name);
				if (!option) throw new Error(`the wardrobe has no "${name}"`);
				return { element, item: option.item, garment: option.garment };
			};
			matches = choosing
				.chooseItem(matches, reference.elements, chosen(first), id)
				.map((match) =>
					match.id === id
						? { ...match, reason: reason as Match['reason'], movesDone: listed<MoveId>(moves) }
						: match
				);
			for (const name of others) matches = choosing.addItem(matches, reference.elements, chosen(name), id);
		}
	});
	return matches;
}

/** What is worn besides: lines of `+ piece | | moves`. */
function extrasFrom(file: string, lines: string, pieces: Piece[]): Echo['extras'] {
	return eachLine(`echoes/${file}`, lines, ([line = '', , moves]) => {
		if (!line.startsWith('+')) return [];
		const name = line.slice(1).trim();
		const option = pieces.flatMap(optionsOfPiece).find(({ piece }) => piece.name === name);
		if (!option) throw new Error(`the wardrobe has no "${name}"`);
		return [
			freshExtra({
				id: idOf('extra', keyOf(file), name),
				item: option.item,
				movesDone: listed<MoveId>(moves)
			})
		];
	}).flat();
}

/** Versions of an echo: each `version: name | kind | days ago`, then what it wears otherwise. */
function versionsFrom(
	file: string,
	text: string,
	made: Echo,
	reference: Reference,
	pieces: Piece[]
): Version[] {
	return text
		.split(/^version:/m)
		.slice(1)
		.map((block) => {
			const [first = '', ...lines] = block.split('\n');
			const [name = '', kind, ago] = first.split('|').map((field) => field.trim());
			const rest = lines.join('\n');
			return asVersion(
				{
					matches: matchesFrom(file, rest, reference, pieces, made.matches),
					extras: [...made.extras, ...extrasFrom(file, rest, pieces)],
					gapNotes: []
				},
				{
					id: idOf('version', keyOf(file), name),
					name,
					kind: kind as Version['kind'],
					on: dayAt(-Number(ago))
				}
			);
		});
}

const answerLines = (): AnswerLine[] =>
	eachLine(
		'answers.txt',
		read('answers.txt'),
		([look = '', ago, element = '', says = '', note = '']): AnswerLine => ({
			look,
			daysAgo: Number(ago),
			element,
			says,
			note
		})
	);

export function echo(
	file: string,
	studio: Pick<Studio, 'clients' | 'events' | 'references' | 'pieces'>
): Echo {
	const { head, body } = headed(read(`echoes/${file}`));
	const [worn = '', verdict] = body.split(/^judged:/m);
	const [lines = ''] = worn.split(/^version:/m);
	const clientId = idOf('client', head.client ?? '');
	const found = studio.references.find(({ id }) => id === idOf('reference', head.reference ?? ''));
	if (!found) throw new Error(`echoes/${file}: there is no reference "${head.reference}"`);
	const pieces = studio.pieces.filter((piece) => piece.clientId === clientId);
	const event = studio.events.find(({ title }) => title === head.event);
	const base: Echo = {
		...freshEcho({
			id: idOf('echo', keyOf(file)),
			clientId,
			referenceId: found.id,
			title: head.title ?? keyOf(file),
			createdOn: dayAt(-Number(head['days ago']))
		}),
		rev: 1,
		...(event && { eventId: event.id, plannedFor: plannedFor(event) }),
		schools: studio.clients.find(({ id }) => id === clientId)?.schools ?? {},
		matches: matchesFrom(file, lines, found, pieces),
		extras: extrasFrom(file, lines, pieces),
		...(head.limit && { spendLimit: pounds(head.limit) })
	};
	const made: Echo = { ...base, versions: versionsFrom(file, worn, base, found, pieces) };
	const client = studio.clients.find(({ id }) => id === clientId);
	return {
		...made,
		answers: answersTo(
			answerLines().filter(({ look }) => look === keyOf(file)),
			found,
			made.matches,
			{
				idOf,
				dayAt,
				typeOf: (name) => typeIds.get(name.toLowerCase())
			}
		),
		judgements: (verdict ?? '')
			.split('\n')
			.filter((line) => line.includes('|'))
			.map((line) => judged(file, line, made, found, { pieces, client }))
	};
}

/**
 * One fitting of an echo as it was judged: `rating | would wear | days ago | note | otherwise | what the client said`, where
 * "otherwise" is what was worn then in place of what is worn now: `element > piece; element > -`.
 */
function judged(
	file: string,
	line: string,
	made: Echo,
	reference: Reference,
	{ pieces, client }: { pieces: Piece[]; client?: Client }
): Echo['judgements'][number] {
	const [rating, wouldWear, ago, note = '', otherwise = '', said = ''] = line
		.split('|')
		.map((field) => field.trim());
	const swaps = otherwise.replaceAll(';', '\n');
	const worn: Echo = swaps
		? { ...made, versions: [], matches: matchesFrom(file, swaps, reference, pieces, made.matches) }
		: made;
	const given = {
		ownRating: Number(rating),
		wouldWear: wouldWear as 'yes',
		note,
		pieces: [],
		...(said && { client: { wouldWear: wouldWear as 'yes', word: said } })
	};
	const when = {
		id: idOf('judgement', keyOf(file), ago ?? ''),
		at: `${dayAt(-Number(ago))}T20:00:00.000Z`,
		currency: 'GBP'
	};
	return judge(worn, reference, pieces, given, when, { client });
}
