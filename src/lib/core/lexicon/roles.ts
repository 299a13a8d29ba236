/** An element's role in the look, and by how much it multiplies the weight that its rank gives (common practice). */
export const roles = {
	hero: { label: 'hero', multiplier: 1.3, reason: 'Without it, it is another look.' },
	key: { label: 'key', multiplier: 1, reason: 'It is missed when it is gone.' },
	support: { label: 'support', multiplier: 0.8, reason: 'It carries the others.' },
	finish: { label: 'finish', multiplier: 0.6, reason: 'It rounds the look off.' }
} as const;

export type RoleId = keyof typeof roles;
export const roleIds = Object.keys(roles) as RoleId[];
