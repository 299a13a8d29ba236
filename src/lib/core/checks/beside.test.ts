import { describe, expect, it } from 'vitest';
import { forClient, piecesOf } from '../../../../tests/outfits';
import { brokenBeside } from './beside';

const broken = (limit: string, added: string, worn: string) => {
	const { client } = forClient({ limits: { never: [limit] } });
	const [piece] = piecesOf(added);
	return brokenBeside(client!, piecesOf(worn), { ...piece!, id: 'added' });
};

describe('what one thing more would break', () => {
	it('is told with what it breaks it by', () => {
		expect(broken('no brown with black', 'brown boots', 'black dress; grey coat')).toEqual([
			'limit: “no brown with black”; with black dress'
		]);
		expect(broken('no double denim', 'denim jacket', 'blue jeans; white tee')).toEqual([
			'limit: “no double denim”; with mid denim jeans'
		]);
		expect(broken('no skirts without tights', 'pleated skirt', 'jumper; boots')).toEqual([
			'limit: “no skirts without tights”; pleated skirt without tights'
		]);
	});
	it('is nothing where it breaks nothing, or others did before it', () => {
		expect(broken('no brown with black', 'brown boots', 'cream dress')).toEqual([]);
		expect(broken('no brown with black', 'gold hoops', 'black dress; brown boots')).toEqual([]);
	});
	it('is none of what is missing from the look, and no question of the whole', () => {
		expect(broken('never without a watch', 'brown boots', 'black dress')).toEqual([]);
		expect(broken('no more than two colours', 'black boots', 'red dress; navy coat')).toEqual([]);
		expect(broken('no more than two colours', 'green boots', 'red dress; yellow coat')).toHaveLength(1);
	});
	it('is nothing where only single things are refused', () =>
		expect(broken('no brown', 'brown boots', 'black dress')).toEqual([]));
});
