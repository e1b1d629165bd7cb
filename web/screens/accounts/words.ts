import type { Role } from '@kotabi/core/model';

/** What each role is called on the screen. */
export const ROLE_WORDS: Record<Role, string> = {
  instructor: 'designs and leads breaks',
  keeper: 'looks after accounts and backups',
};

const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
/** A password to be given to somebody, four times four letters of which none is taken for another: 79 bits. */
export const madePassword = (): string => {
  const random = crypto.getRandomValues(new Uint32Array(16));
  const letters = [...random].map((n) => LETTERS[n % LETTERS.length]).join('');
  return letters.match(/.{4}/g)?.join('-') ?? letters;
};
