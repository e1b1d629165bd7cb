import type { Area, Limit } from '../model';

/** What is pulled along when an area moves: itself and its neighbours. Common practice, no source. */
const NEIGHBOURS: Record<Area, readonly Area[]> = {
  breath: ['breath', 'chest', 'side'],
  neck: ['neck', 'shoulder', 'upper back', 'chest', 'face'],
  shoulder: ['shoulder', 'neck', 'upper back', 'chest', 'upper arm', 'side'],
  'upper back': ['upper back', 'neck', 'shoulder', 'chest', 'side', 'low back'],
  chest: ['chest', 'shoulder', 'neck', 'upper back', 'side', 'upper arm'],
  side: ['side', 'low back', 'upper back', 'chest', 'shoulder', 'hip'],
  'low back': ['low back', 'side', 'upper back', 'hip', 'leg'],
  'upper arm': ['upper arm', 'shoulder', 'forearm', 'chest'],
  forearm: ['forearm', 'hand', 'upper arm'],
  hand: ['hand', 'forearm'],
  hip: ['hip', 'low back', 'leg', 'side'],
  leg: ['leg', 'hip', 'foot', 'low back'],
  foot: ['foot', 'leg'],
  face: ['face', 'neck'],
};

/** What carries the body on its feet. */
const CARRIES: readonly Area[] = ['low back', 'hip', 'leg', 'foot'];

/** Where a limit lies, for those that lie somewhere. Common practice, no source. */
const PLACE: Partial<Record<Limit, readonly Area[]>> = {
  neck: ['neck'],
  shoulder: ['shoulder'],
  'wrist or hand': ['hand', 'forearm'],
  'low back': ['low back'],
  hip: ['hip'],
  'hip replacement': ['hip'],
  knee: ['leg'],
  pregnancy: ['low back'],
  osteoporosis: ['upper back', 'low back'],
  'asthma or breath': ['breath'],
};

/** Where a limit lies; empty where it may be anywhere. */
export const placeOf = (limit: Limit): readonly Area[] => PLACE[limit] ?? [];

/** True when moving one of these areas pulls at one of those places, or at any when there is none. */
export const isNear = (areas: readonly Area[], places: readonly Area[]): boolean =>
  places.length === 0 || areas.some((area) => places.some((place) => NEIGHBOURS[place].includes(area)));

/** True when standing puts weight on one of these places. */
export const carries = (places: readonly Area[]): boolean => places.some((place) => CARRIES.includes(place));
