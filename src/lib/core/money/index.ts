/** Money: amounts, postage and what an echo costs. */
export { currencies, moneyInWords, readMoney, sumOf } from './amounts';
export { boughtIn, converted, spendOf, type Rates, type Spend } from './spend';
