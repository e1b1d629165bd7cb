import type { Approach, Move } from '../model';

const ORDER: Record<Approach['order'], readonly Move['region'][]> = {
  'head down': ['breath', 'neck', 'shoulder', 'spine', 'wrist', 'hip', 'face', 'floor'],
  'hands first': ['breath', 'wrist', 'shoulder', 'neck', 'spine', 'hip', 'face', 'floor'],
  'breath and spine outward': ['breath', 'spine', 'shoulder', 'neck', 'wrist', 'hip', 'face', 'floor'],
  'chest first': ['breath', 'shoulder', 'neck', 'spine', 'wrist', 'hip', 'face', 'floor'],
  mixed: ['breath', 'neck', 'shoulder', 'spine', 'wrist', 'hip', 'face', 'floor'],
};
/** The shelves of the library in the order in which a break goes through the body. */
export const regionOrder = (approach: Approach): readonly Move['region'][] => ORDER[approach.order];
