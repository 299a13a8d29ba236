/** Shoes by themselves, from their side; loaded apart. */
export { drawShoe } from './shoe';
