import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { closenessOf } from '../closeness/piece';
import { nude, skins, type SkinId } from '../lexicon/skins';
import { readLook } from '../reading/read-look';
import { nudeHex, nudeOn } from './nude';
import { labOfHex, type Lab } from './spaces';
import { deltaE00 } from './difference';

const nudeShoes = readLook('nude court shoes').elements[0]!.garment;
const asked = { garment: nudeShoes, signature: [], open: [] };
const ids = Object.keys(skins) as SkinId[];

describe('nude', () => {
	it('is one colour while nobody’s skin is meant, and the client’s own when theirs is', () => {
		expect(nudeShoes.palette[0]?.hex).toBe(nude);
		for (const skin of ids)
			expect(readLook('nude court shoes', { skin }).elements[0]?.garment.palette[0]?.hex).toBe(skins[skin]);
	});
	it('leaves every other colour as it is', () => {
		const red = garment('court-shoes', ['red']);
		expect(nudeOn('deep', red)).toBe(red);
	});
	it('leans the way of the skin, by no more than keeps it the same tone', () => {
		for (const skin of ids) {
			const [cool, plain, warm] = [
				nudeHex({ skin, undertone: 'cool' }),
				nudeHex({ skin }),
				nudeHex({ skin, undertone: 'warm' })
			].map(labOfHex) as [Lab, Lab, Lab];
			expect(cool.b).toBeLessThan(plain.b);
			expect(warm.b).toBeGreaterThan(plain.b);
			expect(deltaE00(cool, warm), skin).toBeGreaterThan(2);
			for (const leaning of [cool, warm]) expect(deltaE00(leaning, plain), skin).toBeLessThan(6);
			expect(nudeHex({ skin, undertone: 'neutral' })).toBe(skins[skin]);
		}
	});
	it('is answered by a shoe in the tone of the client’s skin, and not by one in another’s', () => {
		for (const skin of ids) {
			const client = { figure: { skin, hair: 'black' as const, hairShape: 'up' as const } };
			const own = readLook('nude court shoes', { skin }).elements[0]!.garment;
			expect(closenessOf(asked, own, { client }).closeness, skin).toBe(1);
		}
		const deep = { figure: { skin: 'deep' as const, hair: 'black' as const, hairShape: 'up' as const } };
		const fair = readLook('nude court shoes', { skin: 'fair' }).elements[0]!.garment;
		expect(closenessOf(asked, fair, { client: deep }).closeness).toBeLessThan(0.8);
	});
});

describe('a move that is done', () => {
	const elbow = {
		garment: garment('shirt', ['white'], { sleeveLength: 'elbow' }),
		signature: [],
		open: []
	};
	const long = garment('shirt', ['white'], { sleeveLength: 'long' });
	it('counts the feature as it is then seen, where that is nearer', () => {
		const plain = closenessOf(elbow, long).closeness;
		expect(closenessOf(elbow, long, { moves: ['sleeves-rolled'] }).closeness).toBe(1);
		expect(plain).toBeLessThan(1);
	});
	it('never makes a thing less close', () => {
		const asksLong = { ...elbow, garment: long };
		expect(closenessOf(asksLong, long, { moves: ['sleeves-rolled'] }).closeness).toBe(1);
	});
	it('gives no feature to a thing that cannot have it', () => {
		const boots = { ...elbow, garment: garment('boots', ['black'], { shaft: 'ankle' }) };
		const shoes = garment('loafers', ['black']);
		expect(closenessOf(boots, shoes, { moves: ['hem-cuffed'] })).toEqual(closenessOf(boots, shoes));
	});
});
