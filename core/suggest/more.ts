/** Why a side gets more, as it is kept with the step. */
export const MORE_REASON = 'More for the tighter side';
/** So much longer the tighter side is held: one step of the dose. Common practice, no source. */
export const MORE = { seconds: 5, breaths: 1, reps: 1 } as const;
