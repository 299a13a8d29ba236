/** Money: amounts, postage and what an echo costs. */
export { amountInWords, currencies, moneyInWords, readMoney, sumOf } from './amounts';
export {
	alteringCost,
	boughtIn,
	converted,
	isBought,
	postageBeside,
	spendOf,
	usualPrice,
	withPostage,
	type Rates,
	type Spend
} from './spend';
export { neededBeside, neededWith, type Needed } from './companions';
export { costPerWear } from './cost-per-wear';
export { breakEvenWears, expectedWears, wearingOf, type ExpectedWears } from './expected-wears';
export {
	landedPrice,
	landedPriceOf,
	postageShares,
	withDuty,
	type LandedKind,
	type LandedLine,
	type LandedOptions,
	type LandedPrice
} from './landed-price';
