import { createTransport } from 'nodemailer';

/** A mail to one person. */
export interface Mail {
  to: string;
  subject: string;
  text: string;
  html: string;
  /** Where one press ends these mails (RFC 8058). */
  unsubscribe: string;
}

/** Sends mails by SMTP. */
export interface Mailer {
  /** Throws where the mail server does not take it. */
  send: (mail: Mail) => Promise<void>;
  close: () => void;
}

/** A mailer for the server at an address such as `smtp://mail.office.example:587`. */
export const createMailer = (address: string, from: string): Mailer => {
  const transport = createTransport(address, {
    from,
    // A mail server that is silent must not hold up what else is due.
    connectionTimeout: 5000,
    greetingTimeout: 5000,
    socketTimeout: 10_000,
  } as Parameters<typeof createTransport>[1]);
  return {
    send: async ({ to, subject, text, html, unsubscribe }) => {
      await transport.sendMail({
        from,
        to,
        subject,
        text,
        html,
        headers: {
          'List-Unsubscribe': `<${unsubscribe}>`,
          'List-Unsubscribe-Post': 'List-Unsubscribe=One-Click',
          'Auto-Submitted': 'auto-generated',
        },
      });
    },
    close: () => transport.close(),
  };
};
