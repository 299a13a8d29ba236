/** What hangs on the rails of the demo’s clients, and what was worn when. */
import { freshPiece, freshWear, takenApart, type Piece, type Wear } from '../../src/lib/core/index';
import { dayAt, eachLine, garmentFrom, idOf, keyOf, listed, pounds, read } from './source';

/** "length 120, side 90" in cm. */
const measuresFrom = (text: string): Piece['measuresCm'] =>
	Object.fromEntries(
		listed(text).map((one) => {
			const [name = '', cm = ''] = one.split(' ');
			return [name, Number(cm)];
		})
	);

export function wardrobe(file: string): Piece[] {
	const client = keyOf(file);
	return eachLine(
		`wardrobes/${file}`,
		read(`wardrobes/${file}`),
		([
			name = '',
			type = '',
			colours = '',
			facets = '',
			price,
			how,
			ago,
			size = '',
			place = '',
			measures = '',
			worn = ''
		]): Piece => {
			const piece: Piece = {
				...freshPiece({ id: idOf('piece', client, name), clientId: idOf('client', client), parts: [] }),
				rev: 1,
				clientId: idOf('client', client),
				name,
				parts: [
					{ id: idOf('part', client, name), name: '', garment: garmentFrom(type, colours, facets, 'said') }
				],
				acquired: {
					how: how as Piece['acquired']['how'],
					on: dayAt(-Number(ago)),
					price: price ? pounds(price) : undefined
				},
				sizeLabel: size,
				measuresCm: measuresFrom(measures),
				place
			};
			let part = 0;
			return worn === 'apart' ? takenApart(piece, () => idOf('part', client, name, String(part++))) : piece;
		}
	);
}

/** What was worn when, a day a line. */
export function wears(pieces: readonly Piece[]): Wear[] {
	return eachLine('wears.txt', read('wears.txt'), ([client = '', ago = '', worn = '', note = '', look]) => {
		const clientId = idOf('client', client);
		const pieceIds = listed(worn.replaceAll(';', ',')).map((name) => {
			const found = pieces.find((piece) => piece.clientId === clientId && piece.name.startsWith(name));
			if (!found) throw new Error(`the wardrobe has no "${name}"`);
			return found.id;
		});
		return {
			...freshWear({ id: idOf('wear', client, ago), clientId, on: dayAt(-Number(ago)) }),
			rev: 1,
			pieceIds,
			...(look && { echoId: idOf('echo', look) }),
			note
		};
	});
}
