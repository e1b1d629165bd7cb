import { Area, Limit } from '../model';

/** Other words for an area, as people write them in tables. */
const AREA_WORDS: Partial<Record<Area, readonly string[]>> = {
  neck: ['necks', 'nape'],
  shoulder: ['shoulders', 'shoulder blade', 'shoulder blades'],
  'upper back': ['back', 'thoracic spine', 'between the shoulder blades', 'mid back'],
  'low back': ['lower back', 'lumbar spine', 'lumbar'],
  chest: ['breastbone', 'pecs'],
  side: ['sides', 'flank', 'waist'],
  'upper arm': ['upper arms', 'biceps', 'triceps'],
  forearm: ['forearms', 'wrist', 'wrists', 'elbow', 'elbows'],
  hand: ['hands', 'finger', 'fingers', 'thumb', 'thumbs'],
  hip: ['hips', 'buttocks', 'glutes'],
  leg: ['legs', 'thigh', 'thighs', 'hamstring', 'hamstrings', 'calf', 'calves'],
  foot: ['feet', 'ankle', 'ankles'],
  face: ['jaw', 'eyes', 'forehead'],
};

/** Other words for a limit, as people write them in tables. Only what says the same: nothing is concluded. */
const LIMIT_WORDS: Partial<Record<Limit, readonly string[]>> = {
  neck: ['sore neck', 'neck pain', 'necks'],
  dizziness: ['dizzy', 'vertigo'],
  'blood or eye pressure': [
    'blood pressure',
    'high blood pressure',
    'hypertension',
    'eye pressure',
    'glaucoma',
  ],
  osteoporosis: ['brittle bones'],
  shoulder: ['sore shoulder', 'shoulder pain', 'shoulders'],
  'wrist or hand': ['wrist', 'wrists', 'hand', 'hands', 'sore wrist', 'carpal tunnel', 'rsi'],
  'low back': ['back', 'lower back', 'back pain', 'low back pain', 'slipped disc', 'disc'],
  hip: ['hips', 'sore hip'],
  'hip replacement': ['new hip', 'artificial hip', 'hip prosthesis'],
  knee: ['knees', 'sore knee'],
  pregnancy: ['pregnant', 'expecting'],
  hypermobility: ['hypermobile', 'very flexible joints'],
  balance: ['poor balance', 'balance problems', 'unsteady'],
  'asthma or breath': ['asthma', 'short of breath', 'copd'],
  'recent surgery': ['surgery', 'operation', 'operated'],
  'cannot stand': ['wheelchair', 'not standing', 'no standing'],
  'one arm': ['only one arm', 'one-armed'],
  'limited sight': ['blind', 'low vision', 'poor sight'],
  'limited hearing': ['deaf', 'hard of hearing'],
};

const asMap = <T extends string>(own: readonly T[], others: Partial<Record<T, readonly string[]>>) =>
  new Map<string, T>(
    own.flatMap((what) => [what, ...(others[what] ?? [])].map((word) => [word, what] as const)),
  );

const areas = asMap<Area>(
  Area.options.filter((a) => a !== 'breath'),
  AREA_WORDS,
);
const limits = asMap<Limit>(Limit.options, LIMIT_WORDS);

/** The area that a word means; undefined where it means none. */
export const areaOf = (word: string): Area | undefined => areas.get(word);

/** The limit that a word means; undefined where it means none. */
export const limitOf = (word: string): Limit | undefined => limits.get(word);
