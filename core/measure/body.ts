import type { Area, Muscle } from '../model';

/** Where the tension of an area is shown on a body: the view, and the muscle that stands for it. */
export interface BodyPlace {
  area: Area;
  view: 'front' | 'back';
  muscle: Muscle;
}

/** Every area that can be tense, each on the view on which it is best pressed. The breath is nowhere to be tense. */
export const BODY: readonly BodyPlace[] = [
  { area: 'face', view: 'front', muscle: 'jaw and face' },
  { area: 'chest', view: 'front', muscle: 'pectorals' },
  { area: 'side', view: 'front', muscle: 'obliques' },
  { area: 'forearm', view: 'front', muscle: 'forearm flexors' },
  { area: 'hand', view: 'front', muscle: 'hand intrinsics' },
  { area: 'hip', view: 'front', muscle: 'hip flexors' },
  { area: 'foot', view: 'front', muscle: 'ankle and foot' },
  { area: 'neck', view: 'back', muscle: 'levator scapulae' },
  { area: 'shoulder', view: 'back', muscle: 'posterior deltoid' },
  { area: 'upper back', view: 'back', muscle: 'rhomboids' },
  { area: 'upper arm', view: 'back', muscle: 'triceps brachii' },
  { area: 'low back', view: 'back', muscle: 'lumbar erectors' },
  { area: 'leg', view: 'back', muscle: 'hamstrings' },
];
