/** "1 piece", "3 pieces" */
export const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
