import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';

const lengthOf = (piece: PieceFacts) => piece.value('legLength') ?? 'full';
const isCuffed = (piece: PieceFacts) =>
	piece.moves.includes('hem-cuffed') || piece.stated('hemDetail') === 'turned-up';
const isLong = (piece: PieceFacts) => ['full', 'floor', 'stacked'].includes(lengthOf(piece));

export const trouserEnd: Rule = {
	id: 'trouser-end',
	title: 'Where the trouser ends',
	reason:
		'Where the trouser meets the shoe is a choice: a clean break, a stack, a cuff, a boot under or over.',
	standing: 'habit',
	about: ['legLength', 'hemDetail'],
	find: (facts) => {
		const school = facts.chosen.hems;
		const [legs] = facts.in('legs', 'suit').filter(({ type }) => type.facets.includes('legLength'));
		const [shoe] = facts.in('feet');
		if (!school || !legs || !shoe) return [];
		const boots = shoe.type.family === 'boots';
		const inBoots = legs.moves.includes('tucked-into-boots');
		const hint = (measured: string, rest: Partial<Violation> = {}): Violation[] => [
			{ severity: 'hint', pieces: [legs.id, shoe.id], measured, ...rest }
		];
		const mended = (move: 'hem-cuffed' | 'tucked-into-boots') => ({ moves: [{ id: legs.id, move }] });
		switch (school) {
			case 'clean-break':
				return ['stacked', 'floor'].includes(lengthOf(legs)) && !isCuffed(legs)
					? hint('cloth piles up on the shoe, where a clean break is wanted', mended('hem-cuffed'))
					: [];
			case 'stacked':
				return isLong(legs) && !isCuffed(legs)
					? []
					: hint('the leg is too short to stack on the shoe', { swap: true });
			case 'cuffed':
				return isLong(legs) && !isCuffed(legs)
					? hint('the hem hides the shoe that a cuff would show', mended('hem-cuffed'))
					: [];
			case 'boot-under':
				return boots && inBoots ? hint('the trouser is tucked into the boot that should lie under it') : [];
			case 'boot-over':
				return boots && !inBoots && shoe.stated('shaft') !== 'ankle'
					? hint('the boot lies under the trouser that should be tucked into it', mended('tucked-into-boots'))
					: [];
		}
	}
};
