import type { Express } from 'express';
import { type ParsedMail, simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

/** A mail server that takes everything, sends nothing on, and shows what it got. */
export interface MailStandIn {
  /** Where to send to. */
  address: string;
  received: ParsedMail[];
  /** Shows what it got on a page of the stand-ins. */
  showOn: (app: Express) => void;
  /** Refuses everything from now on, or takes it again. */
  refuse: (on: boolean) => void;
  stop: () => Promise<void>;
}

export const startMailStandIn = async (host: string, port = 0): Promise<MailStandIn> => {
  const received: ParsedMail[] = [];
  let refusing = false;
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    logger: false,
    onRcptTo: (_address, _session, done) =>
      done(refusing ? new Error('550 This stand-in refuses everything now.') : null),
    onData: (stream, _session, done) => {
      simpleParser(stream).then(
        (mail) => {
          received.push(mail);
          done();
        },
        (error: Error) => done(error),
      );
    },
  });
  await new Promise<void>((ready) => {
    server.listen(port, host, () => ready());
  });
  const at = server.server.address();
  const taken = typeof at === 'object' && at ? at.port : port;
  return {
    address: `smtp://${host}:${taken}`,
    received,
    showOn: (app) => mailPage(app, received),
    refuse: (on) => {
      refusing = on;
    },
    stop: () => new Promise((done) => server.close(() => done())),
  };
};

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** Shows what the stand-in got, the latest first. */
const mailPage = (app: Express, received: readonly ParsedMail[]): void => {
  app.get('/mail', (_req, res) => {
    const mails = [...received].reverse().map(
      ({ to, subject, text, date }) =>
        `<li><b>${escaped(subject ?? '')}</b> to ${escaped(
          [to]
            .flat()
            .map((a) => a?.text ?? '')
            .join(', '),
        )}, ${escaped(date?.toISOString() ?? '')}<pre>${escaped(text ?? '')}</pre></li>`,
    );
    res
      .type('html')
      .send(
        `<!doctype html><html lang="en"><title>Stand-in mail server</title><h1>Stand-in mail server</h1><p>${received.length} mail${received.length === 1 ? '' : 's'}. Nothing is sent on.</p><ul>${mails.join('')}</ul></html>`,
      );
  });
};
