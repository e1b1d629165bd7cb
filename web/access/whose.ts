const KEY = 'kotabi.account';

/** The account that signed in last in this browser; null before anybody did. */
export const lastAccount = (): string | null => localStorage.getItem(KEY);
export const rememberAccount = (id: string): void => localStorage.setItem(KEY, id);

/** Takes away everything of Kotabi in this browser: what waits to be sent, and copies of what was being written. */
export const forgetAll = (): void => {
  for (const key of Object.keys(localStorage)) if (key.startsWith('kotabi.')) localStorage.removeItem(key);
};
