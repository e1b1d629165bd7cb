/** Whoever asks: the owner, two colleagues with whom things are shared, one without, a keeper, nobody. */
export const WHO = ['owner', 'editor', 'looker', 'stranger', 'keeper', 'nobody'] as const;
export type Role = (typeof WHO)[number];

/** What an answer says about being let in. */
export type Outcome = 'in' | 'sign in' | 'not for you' | 'not there' | 'unknown';
export const outcomeOf = (status: number): Outcome => {
  if (status === 401) return 'sign in';
  if (status === 403) return 'not for you';
  if (status === 404) return 'not there';
  if (status === 422) return 'unknown';
  return 'in';
};

export type Expected = Record<Role, Outcome>;
export const outsiders = { keeper: 'not for you', nobody: 'sign in' } as const;
export const RIGHTS = {
  anyone: { owner: 'in', editor: 'in', looker: 'in', stranger: 'in', keeper: 'in', nobody: 'in' },
  signedIn: { owner: 'in', editor: 'in', looker: 'in', stranger: 'in', keeper: 'in', nobody: 'sign in' },
  /** Every instructor, each with what is theirs. */
  own: { owner: 'in', editor: 'in', looker: 'in', stranger: 'in', ...outsiders },
  look: { owner: 'in', editor: 'in', looker: 'in', stranger: 'not there', ...outsiders },
  edit: { owner: 'in', editor: 'in', looker: 'not for you', stranger: 'not there', ...outsiders },
  /** What is put into a group: to a stranger there is no such group. */
  put: { owner: 'in', editor: 'in', looker: 'not for you', stranger: 'unknown', ...outsiders },
  /** What only its owner may. */
  owner: { owner: 'in', editor: 'not for you', looker: 'not for you', stranger: 'not there', ...outsiders },
  /** What belongs to one account and is not shared. */
  private: { owner: 'in', editor: 'not there', looker: 'not there', stranger: 'not there', ...outsiders },
  /** What names a group in its body. */
  namesGroup: { owner: 'in', editor: 'in', looker: 'in', stranger: 'unknown', ...outsiders },
  keeper: {
    owner: 'in',
    editor: 'not for you',
    looker: 'not for you',
    stranger: 'not for you',
    keeper: 'in',
    nobody: 'sign in',
  },
} as const satisfies Record<string, Expected>;

/** How an address is called, and who is let in. */
export interface Call {
  right: keyof typeof RIGHTS | Expected;
  path: string;
  body?: unknown;
  headers?: Record<string, string>;
}
