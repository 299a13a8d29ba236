import {
	dismissalReasons,
	effectIds,
	facetIds,
	facetOf,
	garmentTypes,
	matchReasons,
	metalIds,
	moveIds,
	printScales,
	prints,
	roleIds,
	schoolQuestions,
	transformationIds
} from '../src/lib/core';

/** Every id of the lexicon that a record can hold, by kind. */
export const storedIds = (): Record<string, readonly string[]> => ({
	types: garmentTypes.map(({ id }) => id),
	...Object.fromEntries(
		facetIds.map((facet) => [`values/${facet}`, facetOf(facet).values.map(({ id }) => id)])
	),
	prints: prints.map(({ id }) => id),
	scales: printScales,
	metals: metalIds,
	moves: moveIds,
	transformations: transformationIds,
	roles: roleIds,
	effects: effectIds,
	matchReasons,
	dismissalReasons,
	...Object.fromEntries(
		Object.entries(schoolQuestions).map(([question, schools]) => [`schools/${question}`, schools])
	)
});
