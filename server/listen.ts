import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';

const TRIES = 20;

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
  const server = createServer(app);
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
