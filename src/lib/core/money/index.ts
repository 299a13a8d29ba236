/** Money: amounts, postage and what an echo costs. */
export { amountInWords, currencies, moneyInWords, readMoney, sumOf } from './amounts';
export { boughtIn, converted, spendOf, withPostage, type Rates, type Spend } from './spend';
export { costPerWear } from './cost-per-wear';
export {
	landedPrice,
	postageShares,
	type LandedLine,
	type LandedOptions,
	type LandedPrice
} from './landed-price';
