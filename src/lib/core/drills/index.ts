/** Drills for the eye: questions, how right an answer is, and when each is asked again. Loaded apart: the memory model is a package of its own. */
export { allQuestions, likenessGrades, questionsOf } from './questions';
export { answered, drillCardId, newADay, nextQuestion, progressOf, type DrillProgress } from './memory';
export { isOrdered, rightness, type DrillQuestion, type Shown } from './model';
