import type { Tone } from '../figure';

/** Skin, hair and cloth of the figure; nobody in particular. */
export type Palette = Record<Tone, string>;

const base = { seat: '#D9CFBB', prop: '#8A6A45' };
export const PALETTES = {
  sage: {
    ...base,
    shoe: '#4A4A52',
    shin: '#A9BBB3',
    thigh: '#6D877C',
    trunk: '#8FA59C',
    'upper arm': '#6D877C',
    forearm: '#A9BBB3',
    skin: '#E3CDB2',
    hair: '#4A4A52',
  },
  clay: {
    ...base,
    shoe: '#3D3A42',
    shin: '#B9B2C4',
    thigh: '#7C7490',
    trunk: '#B98F7A',
    'upper arm': '#9A6F5B',
    forearm: '#CDAA98',
    skin: '#8F6347',
    hair: '#2E2A2C',
  },
  dusk: {
    ...base,
    shoe: '#54483F',
    shin: '#B7BFC9',
    thigh: '#75808F',
    trunk: '#9AA5B1',
    'upper arm': '#75808F',
    forearm: '#BCC4CD',
    skin: '#C89F7B',
    hair: '#7B5B45',
  },
} as const satisfies Record<string, Palette>;
export type PaletteName = keyof typeof PALETTES;
export const PALETTE_NAMES = Object.keys(PALETTES) as PaletteName[];
