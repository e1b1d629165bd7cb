import { STANDING_CAUTION } from '@kotabi/core/formats';
import type { Mail } from './mailer';

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** A reminder of a break as a mail: what and when, where to follow it, and a press that ends these mails. */
export const reminderMail = ({
  to,
  breakName,
  clock,
  page,
  unsubscribe,
}: {
  to: string;
  breakName: string;
  /** The time on the wall at which it begins. */
  clock: string;
  page: string;
  unsubscribe: string;
}): Mail => {
  const subject = `${clock}: ${breakName}`;
  return {
    to,
    subject,
    unsubscribe,
    text: [
      `${breakName} begins at ${clock}.`,
      '',
      `Follow it, and answer: ${page}`,
      '',
      STANDING_CAUTION,
      '',
      `No more of these mails: ${unsubscribe}`,
      '',
    ].join('\r\n'),
    html: `<p><b>${escaped(breakName)}</b> begins at ${escaped(clock)}.</p>
<p><a href="${escaped(page)}">Follow it, and answer</a></p>
<p style="color:#5C6270">${escaped(STANDING_CAUTION)}</p>
<p style="color:#5C6270"><a href="${escaped(unsubscribe)}">No more of these mails</a></p>`,
  };
};
