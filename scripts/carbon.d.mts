export const unusedCarbon: Record<string, string>;
export const unusedVariants: Record<string, string>;
export function isUnused(selector: string): boolean;
