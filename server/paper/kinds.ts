/** What a break can be put on. */
export const PAPERS = ['page', 'cards', 'strip', 'poster'] as const;
export type PaperKind = (typeof PAPERS)[number];

/** How large a sheet is. */
export const SIZES = ['A4', 'Letter'] as const;
export type Size = (typeof SIZES)[number];
