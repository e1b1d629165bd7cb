import { statSync } from 'node:fs';
import type { BackupContent, Backups } from '@kotabi/core/model';
import type { Express } from 'express';
import { type BackupFolder, BadBackup } from '../db/backup';
import { notFound, Refusal } from '../errors';
import { route } from './route';

/** Backups: made, listed, looked into, taken away, and put back in place of what is there now. */
export const backupRoutes = (app: Express, backups: BackupFolder, database: string): void => {
  const fileOf = (name: unknown): string => {
    const file = backups.file(String(name));
    if (!file) throw notFound('backup', String(name));
    return file;
  };
  const orRefused = <T>(work: Promise<T>): Promise<T> =>
    work.catch((error: unknown) => {
      if (error instanceof BadBackup) throw new Refusal(422, 'badBackup', error.message);
      throw error;
    });

  route(app, '/api/backups', 'keeper', {
    get: (_, res) =>
      void res.json({ database, folder: backups.folder, list: backups.list() } satisfies Backups),
    post: async (_, res) => void res.status(201).json(await backups.make()),
  });
  route(app, '/api/backups/:name', 'keeper', {
    get: async (req, res) => {
      const file = fileOf(req.params.name);
      const kept = backups.list().find((one) => one.name === req.params.name);
      const content = await orRefused(backups.look(file));
      res.json({
        name: String(req.params.name),
        madeAt: kept?.madeAt ?? '',
        bytes: statSync(file).size,
        ...content,
      } satisfies BackupContent);
    },
  });
  route(app, '/api/backups/:name/file', 'keeper', {
    get: (req, res) => res.download(fileOf(req.params.name)),
  });
  route(app, '/api/backups/:name/restore', 'keeper', {
    post: async (req, res) => void res.json(await orRefused(backups.restore(fileOf(req.params.name)))),
  });
};
