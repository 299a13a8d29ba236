import type { WordIn } from './named';

/** Materials in groups that look and hang alike (common practice); a group a line. */
const source = `
cotton poplin lawn voile muslin seersucker oxford-cloth linen hemp chambray khadi broderie-anglaise
denim canvas twill gabardine corduroy moleskin waxed-cotton
jersey sweatshirting towelling fleece elastane
knit wool merino lambswool cashmere mohair alpaca camel-hair
tweed flannel felt boucle-wool
silk satin crepe viscose georgette taffeta
chiffon organza tulle net lace
velvet velour
leather suede imitation-leather patent-leather exotic-skin
faux-fur fur shearling feather
sequin lame brocade chanderi
nylon polyester technical down-fill
straw raffia cane cork rope wood rubber
metal pearl glass crystal gemstone turquoise-stone jade amber jet-beads resin tortoiseshell enamel horn bead shell
`;

export type MaterialId = WordIn<typeof source>;
export interface Material {
	id: MaterialId;
	label: string;
}

export const materialFamilies: Material[][] = source
	.trim()
	.split('\n')
	.map((group) => group.split(' ').map((id) => ({ id: id as MaterialId, label: id.replace(/-/g, ' ') })));
export const materials: Material[] = materialFamilies.flat();
