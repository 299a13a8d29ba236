/** The stylist's eye beside the method's: how well they agree, and weights that fit the stylist better. */
export { agreementOf, kendallTau, type Agreement } from './agreement';
export { calibrate, leastJudgements, weighedScore, type Calibrated, type LossFactors } from './calibrate';
export { lostByGroup, ratedIn, type Rated } from './rated';
export { groupOfLoss, lossGroups } from '../lexicon/loss-groups';
