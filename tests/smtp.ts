import { SMTPServer } from 'smtp-server';
import { freePort } from './server';

export interface ReceivedLetter {
  from: string;
  to: string[];
  /** As it came over the line. */
  text: string;
}

/** What the server does with a letter. */
export type Temper = 'takes' | 'refuses' | 'is busy' | 'hangs up after the text';

/** A mail server on loopback, for tests: it keeps what it takes. */
export async function startMailServer() {
  const letters: ReceivedLetter[] = [];
  let temper: Temper = 'takes';
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    disableReverseLookup: true,
    logger: false,
    onRcptTo: (_, __, done) => {
      if (temper === 'refuses')
        return done(Object.assign(new Error('no such mailbox here'), { responseCode: 550 }));
      if (temper === 'is busy')
        return done(Object.assign(new Error('come back later'), { responseCode: 451 }));
      done();
    },
    onData: (stream, session, done) => {
      let text = '';
      stream.on('data', (part: Buffer) => (text += part.toString('utf8')));
      stream.on('end', () => {
        if (temper === 'hangs up after the text') {
          for (const connection of server.connections as Set<{ _socket: { destroy(): void } }>)
            connection._socket.destroy();
          return;
        }
        const { mailFrom, rcptTo } = session.envelope;
        letters.push({
          from: mailFrom === false ? '' : mailFrom.address,
          to: rcptTo.map(({ address }) => address),
          text,
        });
        done();
      });
    },
  });
  server.on('error', () => undefined);
  const port = await freePort();
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', () => resolve()));
  return {
    url: `smtp://127.0.0.1:${port}`,
    letters,
    become: (next: Temper) => {
      temper = next;
    },
    stop: () => new Promise<void>((resolve) => server.close(() => resolve())),
  };
}

/** What a letter says, its soft line ends joined and its encoded signs read. */
export const saidIn = (text: string): string =>
  text
    .replaceAll(/=\r?\n/g, '')
    .replaceAll(/=([0-9A-F]{2})/g, (_, hex: string) => String.fromCharCode(parseInt(hex, 16)));
