import { Area, Limit } from '../model';

/** Other words for an area, as people write them in tables. */
const AREA_WORDS: Partial<Record<Area, readonly string[]>> = {
  neck: ['necks', 'nape'],
  shoulder: ['shoulders', 'shoulder blade', 'shoulder blades'],
  'upper back': ['back', 'thoracic spine', 'between the shoulder blades', 'mid back', 'middle back'],
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
  neck: ['necks', 'whiplash', 'nape'],
  dizziness: [
    'dizzy',
    'dizzy spells',
    'vertigo',
    'light-headed',
    'lightheaded',
    'faint',
    'fainting',
    'faints',
    'low blood pressure',
  ],
  'blood or eye pressure': [
    'blood pressure',
    'high blood pressure',
    'hypertension',
    'eye pressure',
    'glaucoma',
  ],
  osteoporosis: ['brittle bones', 'osteopenia', 'thin bones'],
  shoulder: ['shoulders', 'frozen shoulder', 'rotator cuff', 'shoulder impingement'],
  'wrist or hand': [
    'wrist',
    'wrists',
    'hand',
    'hands',
    'finger',
    'fingers',
    'thumb',
    'thumbs',
    'carpal tunnel',
    'carpal tunnel syndrome',
    'rsi',
    'mouse arm',
  ],
  'low back': [
    'back',
    'lower back',
    'slipped disc',
    'herniated disc',
    'prolapsed disc',
    'disc',
    'lumbago',
    'sciatica',
  ],
  hip: ['hips'],
  'hip replacement': ['new hip', 'artificial hip', 'hip prosthesis', 'replaced hip', 'total hip'],
  knee: ['knees', 'kneecap', 'kneecaps', 'knee replacement', 'new knee', 'meniscus'],
  pregnancy: ['pregnant', 'expecting', 'expecting a baby'],
  hypermobility: ['hypermobile', 'very flexible joints', 'very flexible', 'double-jointed', 'loose joints'],
  balance: ['unsteady', 'unsteady on the feet', 'falls'],
  'asthma or breath': ['asthma', 'asthmatic', 'breath', 'breathing', 'breathless', 'short of breath', 'copd'],
  'recent surgery': [
    'surgery',
    'operation',
    'operated',
    'recent operation',
    'just operated',
    'post-op',
    'after surgery',
    'after an operation',
  ],
  'cannot stand': [
    'wheelchair',
    'wheelchair user',
    'in a wheelchair',
    'crutches',
    'on crutches',
    'not standing',
    'no standing',
  ],
  'one arm': ['only one arm', 'one-armed', 'one hand', 'arm in a sling', 'arm in plaster'],
  'limited sight': [
    'blind',
    'partly blind',
    'low vision',
    'poor sight',
    'poor eyesight',
    'partially sighted',
    'visually impaired',
    'sight',
    'eyesight',
  ],
  'limited hearing': [
    'deaf',
    'partly deaf',
    'hard of hearing',
    'hearing',
    'hearing aid',
    'hearing aids',
    'hearing loss',
    'hearing impaired',
  ],
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

/** What people put before and after a part of the body or a limit without changing which one it is. */
const BEFORE =
  /^(?:(?:a|an|the|my|has|have|with|some|very|bad|sore|painful|aching|achy|stiff|tight|tense|weak|poor|injured|hurt|old|chronic|mild|slight|severe|problem|trouble) )+/;
const AFTER =
  /(?: (?:pain|pains|ache|aches|problem|problems|issue|issues|trouble|troubles|injury|injuries|complaint|complaints|stiffness|tension|user|condition))+$/;

/** Finds a word as it stands, or without what is put around it: “bad back” and “back trouble” are “back”. */
const find = <T>(words: ReadonlyMap<string, T>, said: string): T | undefined =>
  words.get(said) ?? words.get(said.replace(AFTER, '').replace(BEFORE, ''));

/** The area that a word means; undefined where it means none. */
export const areaOf = (word: string): Area | undefined => find(areas, word);

/** The limit that a word means; undefined where it means none. */
export const limitOf = (word: string): Limit | undefined => find(limits, word);
