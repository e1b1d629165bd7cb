/** Words that say nothing about a move, and are passed over when others are typed with them. */
export const ASIDE: ReadonlySet<string> = new Set(
  'a an the my your of for in on at to and or with after before against from by something move moves exercise exercises stretch stretches stretching stiff tight sore tired pose deep box'.split(
    ' ',
  ),
);

/** Parts of the body with which names begin that are about something else: the back of the arm, backstroke. */
export const NO_BEGINNING: ReadonlySet<string> = new Set(['back', 'spine']);

const HANDS = ['hand', 'forearm', 'wrist'] as const;
const LEGS = ['hip', 'leg'] as const;

/** What people look for by what it is for, or by an everyday name, and the words of the library that answer it. */
export const MEANT: Readonly<Record<string, readonly string[]>> = {
  typing: HANDS,
  keyboard: HANDS,
  mouse: HANDS,
  thumb: ['thumb', 'finger'],
  8: ['eight'],
  eye: ['eyes', 'far'],
  eyes: ['eyes', 'far'],
  phone: ['call'],
  meeting: ['call'],
  carpal: HANDS,
  tunnel: HANDS,
  headache: ['skull', 'neck', 'brow'],
  migraine: ['skull', 'neck', 'brow'],
  tmj: ['jaw'],
  scm: ['sternocleidomastoid'],
  elbow: ['elbow', 'forearm', 'upper'],
  screen: ['eyes', 'neck'],
  reading: ['eyes', 'neck'],
  sitting: [...LEGS, 'low'],
  calm: ['breathe', 'breath', 'rest'],
  relax: ['breathe', 'breath', 'rest'],
  breath: ['breathe', 'breath', 'breathing'],
  breathing: ['breathe', 'breath', 'breathing'],
  lie: ['lying', 'floor'],
  cool: ['rest', 'close', 'shake'],
  stress: ['breathe', 'breath', 'let'],
  energy: ['activate'],
  wake: ['activate', 'wake'],
  sleepy: ['activate', 'wake'],
  strength: ['activate'],
  posture: ['posture', 'tall', 'blade'],
  slouch: ['tall', 'chest', 'blade'],
  back: ['back', 'lumbar', 'thoracic'],
  spine: ['spine', 'thoracic', 'lumbar'],
  twist: ['turn'],
  twists: ['turn'],
  bend: ['bend', 'side', 'fold'],
  bum: ['gluteals'],
  buttocks: ['gluteals'],
  glutes: ['gluteals'],
  traps: ['trapezius'],
  delts: ['deltoid'],
  lats: ['latissimus'],
  pecs: ['pectorals'],
  quads: ['quadriceps'],
  hams: ['hamstrings'],
  hamstring: ['hamstrings'],
  thigh: ['quadriceps', 'hamstrings', 'thigh'],
  thighs: ['quadriceps', 'hamstrings', 'thighs'],
  calves: ['calf'],
  feet: ['foot', 'toes'],
  ankles: ['ankle', 'foot'],
  jaw: ['jaw'],
  head: ['head', 'neck', 'scalp'],
  ribs: ['side', 'ribs'],
  waist: ['side', 'obliques'],
  flank: ['side', 'flank'],
  nape: ['neck', 'suboccipitals'],
};
