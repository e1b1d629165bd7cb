import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';

const TRIES = 20;
/**
 * A connection that nobody uses is held for so long: longer than proxies and browsers hold it (a minute), so that it is never
 * ended here in the moment in which it is used again there.
 */
const IDLE_MS = 75_000;

const listenOn = (server: Server, port: number, host: string): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });

/** Listens on a port, or on the next free one after it; says so through `taken`. */
export const listen = async (
  app: Express,
  port: number,
  host: string,
  taken: (port: number) => void = () => {},
): Promise<{ server: Server; port: number }> => {
  const server = createServer({ keepAliveTimeout: IDLE_MS, headersTimeout: IDLE_MS + 1000 }, app);
  for (let next = port; ; next++) {
    try {
      await listenOn(server, next, host);
      return { server, port: (server.address() as AddressInfo).port };
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE' || next >= port + TRIES || next >= 65_535)
        throw error;
      taken(next);
    }
  }
};
