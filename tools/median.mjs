// @ts-check

/** @param {readonly number[]} values */
export const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0
