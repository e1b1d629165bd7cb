/** A line that begins a date where the file did not say that it is one. */
const BARE_DATE = /^(DTSTART|DTEND|RECURRENCE-ID|EXDATE|RDATE)((?:;[^:]*)?):(\d{8}(?:,\d{8})*)$/i;
const RULE = /^(RRULE|EXRULE)((?:;[^:]*)?):(.*)$/i;

/**
 * Sets right what calendars of this world often get slightly wrong, line by line: dates that do not say that they are
 * dates, rules in small letters (which are legal), lines without a colon. Gives the text and how many lines had to be
 * left out.
 */
export const tidyLines = (text: string): { text: string; dropped: number } => {
  let dropped = 0;
  // Long lines come in pieces, each further one beginning with a blank (RFC 5545, 3.1).
  const lines = text.replace(/\r?\n[ \t]/g, '').split(/\r?\n/);
  const tidy = lines.flatMap((line) => {
    if (line.trim() === '') return [];
    if (!line.includes(':')) {
      dropped++;
      return [];
    }
    const date = BARE_DATE.exec(line);
    if (date && !/;VALUE=/i.test(date[2] ?? '')) return [`${date[1]}${date[2]};VALUE=DATE:${date[3]}`];
    const rule = RULE.exec(line);
    if (rule) return [`${rule[1]}${rule[2]}:${rule[3]?.toUpperCase()}`];
    return [line];
  });
  return { text: tidy.join('\r\n'), dropped };
};

/** True for a date as the parser writes it (`2027-02-28`, `2027-02-28T10:00:00Z`) that the year really has. */
export const isRealDate = (written: string): boolean => {
  const [, y, m, d] = /^(\d{4})-(\d{2})-(\d{2})/.exec(written) ?? [];
  if (!y) return true;
  const date = new Date(Date.UTC(Number(y), Number(m) - 1, Number(d)));
  return date.getUTCMonth() === Number(m) - 1 && date.getUTCDate() === Number(d);
};
