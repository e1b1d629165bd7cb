import { TOKENS } from '@kotabi/core/model';

/** A kept thing as the database gives it, in some shape that it once had. */
type Data = Record<string, unknown>;
/** Brings a thing from one shape to the next. */
type Upgrade = (data: Data) => Data;

const same: Upgrade = (data) => data;

/** What is one line; everything else may hold several. */
const ONE_LINE = new Set([
  'name',
  'site',
  'label',
  'off',
  'otherNames',
  'directions',
  'moves',
  'how',
  'moveName',
  'breakName',
]);
/** Takes characters out of texts that would break the files they are written into: they were let in once. */
const cleaned = (value: unknown, key = ''): unknown => {
  if (typeof value === 'string')
    return ONE_LINE.has(key)
      ? value.replace(/[\p{Cc}\p{Cs}\u2028\u2029]+/gu, ' ').trim()
      : value.replace(/[^\P{Cc}\n\t\r]|\p{Cs}/gu, '');
  if (Array.isArray(value)) return value.map((one) => cleaned(one, key));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([name, own]) => [name, cleaned(own, name)]));
};
const clean: Upgrade = (data) => cleaned(data) as Data;

/** Braces in words that mean nothing, which were let in once: they stay readable, as brackets. */
const plainBraces = (text: string, sided: boolean): string =>
  text.replace(/\{([^{}]*)\}/g, (whole, name: string) => {
    const token = name.toLowerCase();
    const known = TOKENS.some((t) => t === token) && (sided || (token !== 'side' && token !== 'other'));
    return known ? whole : `(${name})`;
  });

const inWords = (value: unknown, sided: boolean): unknown => {
  if (typeof value === 'string') return plainBraces(value, sided);
  if (Array.isArray(value)) return value.map((one) => inWords(one, sided));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, own]) => [key, inWords(own, sided)]));
};
const moveWords: Upgrade = (data) => {
  const sided = (data.ways as { pattern?: string } | undefined)?.pattern !== 'together';
  return {
    ...data,
    cues: inWords(data.cues, sided),
    ...(data.rungs ? { rungs: inWords(data.rungs, sided) } : {}),
  };
};

/** Rungs that have another name now. */
const RENAMED: Record<string, Record<string, string>> = { 'heel-raises': { seated: 'only the heels' } };
const breakSteps: Upgrade = (data) => {
  const step = (s: Data): Data => {
    const rung = RENAMED[String(s.moveId)]?.[String(s.rung)];
    return {
      ...s,
      ...(typeof s.words === 'string' && { words: plainBraces(s.words, true) }),
      ...(rung !== undefined && { rung }),
    };
  };
  const items = (data.items as Data[] | undefined)?.map((item) =>
    Array.isArray(item.links) ? { ...item, links: (item.links as Data[]).map(step) } : step(item),
  );
  return { ...data, ...(items && { items }) };
};

/**
 * How each kind of kept thing is brought up to date, step by step: the first entry leads from rows that were kept
 * before shapes were numbered (0) to shape 1, the next one to 2, and so on. What is only new and has a default needs
 * no step, since every row is read through its schema afterwards.
 */
export const UPGRADES = {
  group: [same, clean],
  // Kept before limits and consent were asked for: what was written down then stays readable.
  person: [
    (data) => ({ ...data, limits: data.limits ?? [], consent: data.consent ?? data.note !== '' }),
    clean,
  ],
  move: [same, clean, moveWords],
  break: [same, clean, breakSteps],
  week: [same, clean],
  calendar: [same, clean],
  session: [same, clean],
  measure: [],
  approach: [same, clean],
} as const satisfies Record<string, readonly Upgrade[]>;
export type ShapedKind = keyof typeof UPGRADES;

/** The shape in which things of a kind are kept now. */
export const shapeOf = (kind: ShapedKind): number => UPGRADES[kind].length;

/** Brings a thing that was kept in an earlier shape up to date; one from a newer program is refused. */
export const upToDate = (kind: ShapedKind, shape: number, data: unknown): unknown => {
  const steps: readonly Upgrade[] = UPGRADES[kind];
  if (shape > steps.length)
    throw new Error(`a ${kind} of shape ${shape} was kept by a newer Kotabi; this one knows ${steps.length}`);
  return steps.slice(shape).reduce((now, step) => step(now), data as Data);
};
