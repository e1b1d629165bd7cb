import type { Response } from 'express';

/** Sends a text as a file; the name is kept to letters that every system takes, with the full one beside it. */
export const sendFile = (res: Response, name: string, ending: string, type: string, text: string): void => {
  const plain =
    name
      .normalize('NFKD')
      .replace(/[^\w .-]+/g, '')
      .trim()
      .replace(/\s+/g, '-') || 'break';
  const full = encodeURIComponent(`${name}${ending}`);
  res.set('Content-Disposition', `attachment; filename="${plain}${ending}"; filename*=UTF-8''${full}`);
  res.type(type).send(text);
};
