/** Words as choices of a menu. */
export const options = (list: readonly string[]) => list.map((value) => ({ value, label: value }));
