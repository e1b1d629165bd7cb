export * from './figure';
export * from './mirror';
export type { Point, Shape, Tone } from './shapes';
