/**
 * What was chosen in a select by hand. The field's own change event tells of nothing else, whereas a component's events
 * also tell of a value that was set for it.
 */
export const chosenIn = (event: Event): string => (event.target as HTMLSelectElement).value;
