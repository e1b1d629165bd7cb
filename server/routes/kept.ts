import { Change, type Kept } from '@kotabi/core/model';
import type { Request, Response } from 'express';
import { notYours } from '../context';
import type { Store } from '../db/store';
import { invalid, notFound, parse, Refusal } from '../errors';

/** Gives one thing by its id, or says that it is not there. */
export const getKept = async <T extends { id: string }>(store: Store<T>, id: string): Promise<Kept<T>> => {
  const kept = await store.get(id);
  if (!kept) throw notFound(store.kind.name, id);
  return kept;
};

/**
 * Keeps a new state of one thing. The address and the thing must name the same id; a state based on an older
 * version than the newest is refused, so that nobody's work is overwritten unseen.
 */
export const putKept = async <T extends { id: string }>(
  store: Store<T>,
  req: Request,
  res: Response,
  check: (value: T) => Promise<void> = async () => {},
  /** What is kept of a new state, where that is more than was sent. */
  kept: (value: T) => Promise<T> = async (value) => value,
): Promise<void> => {
  const id = String(req.params.id);
  if (!req.is('json'))
    throw new Refusal(415, 'unsupported', 'The body must be JSON (Content-Type: application/json).');
  const change = parse(Change(store.kind.schema), req.body) as Change<T>;
  if (change.value.id !== id)
    throw invalid([
      { path: 'value.id', message: 'must be the id in the address', bound: id, value: change.value.id },
    ]);
  await check(change.value);
  const result = await store.put({ ...change, value: await kept(change.value) });
  if (result.ok) {
    res.status(result.created ? 201 : 200).json(result.kept);
    return;
  }
  if (result.reason === 'missing') throw notFound(store.kind.name, id);
  if (result.reason === 'notYours') throw notYours(store.kind.name);
  if (result.reason === 'taken')
    throw new Refusal(
      409,
      'conflict',
      `There is such a ${store.kind.name} already, made elsewhere. Nothing was overwritten.`,
      [{ path: 'value.id', message: 'is not the one that is there', value: id }],
    );
  const { version } = result.current;
  throw new Refusal(
    409,
    'conflict',
    `This ${store.kind.name} was changed elsewhere since you opened it. Nothing was overwritten.`,
    [
      {
        path: 'baseVersion',
        message: 'is not the newest version',
        bound: version,
        value: change.baseVersion,
      },
    ],
  );
};

/** Deletes one thing for good, where whoever asks may. */
export const deleteKept = async <T extends { id: string }>(
  store: Store<T>,
  id: string,
  res: Response,
): Promise<void> => {
  if (!(await store.remove(id)))
    throw (await store.may(id, 'look')) ? notYours(store.kind.name) : notFound(store.kind.name, id);
  res.status(204).end();
};
