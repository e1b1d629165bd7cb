import { Break, type Change, type Kept } from '@kotabi/core/model';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiFailure, Unreachable } from '../api/client';
import { createBreakStore } from '../screens/break/store';
import { autosave } from './autosave';
import { createDocument } from './document';
import { openDocument } from './opened';

const brk = Break.parse({ id: 'b', name: 'First', slotSec: 300, items: [] });
const kept = (value: Break, version: number): Kept<Break> => ({
  value,
  version,
  updatedAt: '2026-11-20T08:00:00.000Z',
});
const fresh = () => createBreakStore(kept(brk, 3));
type Store = ReturnType<typeof fresh>;
const rename = (store: Store, name: string, key?: string) =>
  store.getState().edit(
    'rename',
    (d) => {
      d.name = name;
    },
    key === undefined ? {} : { key },
  );
const name = (store: Store) => store.getState().value.name;

describe('undo', () => {
  it('goes back to when the break was opened, and forth again', () => {
    const store = fresh();
    rename(store, 'Second');
    rename(store, 'Third');
    store.getState().undoEdit();
    expect(name(store)).toBe('Second');
    store.getState().undoEdit();
    store.getState().undoEdit();
    expect(name(store)).toBe('First');
    expect(store.getState().save.at).toBe('saved');
    store.getState().redoEdit();
    store.getState().redoEdit();
    store.getState().redoEdit();
    expect(name(store)).toBe('Third');
  });

  it('does not record an edit that changes nothing, nor the selection', () => {
    const store = fresh();
    rename(store, 'First');
    store.getState().select(['s1']);
    expect(store.getState().undo).toHaveLength(0);
  });

  it('takes what is typed into one field as one, until something else is done', () => {
    const store = fresh();
    for (const text of ['S', 'Se', 'Sec']) rename(store, text, 'name');
    expect(store.getState().undo).toHaveLength(1);
    rename(store, 'Other');
    rename(store, 'Third', 'name');
    expect(store.getState().undo).toHaveLength(3);
    for (let i = 0; i < 3; i++) store.getState().undoEdit();
    expect(name(store)).toBe('First');
  });

  it('forgets what could be redone once something new is done', () => {
    const store = fresh();
    rename(store, 'Second');
    store.getState().undoEdit();
    rename(store, 'Third');
    store.getState().redoEdit();
    expect(name(store)).toBe('Third');
  });
});

describe('autosave', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());
  type Put = (change: Change<Break>, keepalive?: boolean) => Promise<Kept<Break>>;
  const server = () => {
    let version = 3;
    return vi.fn<Put>(async ({ value }) => kept(value, ++version));
  };

  it('sends the last state a moment after the last change, with the version it is based on', async () => {
    const store = fresh();
    const put = server();
    autosave(store, put);
    rename(store, 'Second');
    rename(store, 'Third');
    expect(store.getState().save.at).toBe('waiting');
    await vi.advanceTimersByTimeAsync(600);
    expect(put.mock.calls.map(([c]) => [c.baseVersion, c.value.name])).toEqual([[3, 'Third']]);
    expect(store.getState()).toMatchObject({ baseVersion: 4, save: { at: 'saved' } });
  });

  it('sends one request at a time, and what changed meanwhile after it', async () => {
    const store = fresh();
    let answer: () => void = () => {};
    const put = vi.fn<Put>(
      ({ value, baseVersion }) =>
        new Promise((done) => {
          answer = () => done(kept(value, baseVersion + 1));
        }),
    );
    autosave(store, put);
    rename(store, 'Second');
    await vi.advanceTimersByTimeAsync(600);
    rename(store, 'Third');
    await vi.advanceTimersByTimeAsync(2000);
    expect(put).toHaveBeenCalledTimes(1);
    answer();
    await vi.advanceTimersByTimeAsync(600);
    expect(put.mock.calls.map(([c]) => [c.baseVersion, c.value.name])).toEqual([
      [3, 'Second'],
      [4, 'Third'],
    ]);
  });

  it('keeps trying while the server does not answer', async () => {
    const store = fresh();
    const put = server();
    put.mockRejectedValueOnce(new Unreachable()).mockRejectedValueOnce(new Unreachable());
    autosave(store, put);
    rename(store, 'Second');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().save.at).toBe('offline');
    await vi.advanceTimersByTimeAsync(7000);
    expect(store.getState().save.at).toBe('saved');
    expect(put).toHaveBeenCalledTimes(3);
  });

  it('stops at a conflict until the user has chosen', async () => {
    const store = fresh();
    const put = server();
    put.mockRejectedValueOnce(new ApiFailure(409, { code: 'conflict', message: 'no', fields: [] }));
    autosave(store, put);
    rename(store, 'Mine');
    await vi.advanceTimersByTimeAsync(600);
    rename(store, 'Mine still');
    await vi.advanceTimersByTimeAsync(9000);
    expect(put).toHaveBeenCalledTimes(1);
    expect(store.getState().save.at).toBe('conflict');
    store.getState().rebase(7);
    await vi.advanceTimersByTimeAsync(600);
    expect(put.mock.calls.at(-1)?.[0]).toMatchObject({ baseVersion: 7, value: { name: 'Mine still' } });
  });

  it('taking the other version can be undone, and is then saved over it', async () => {
    const store = fresh();
    const put = server();
    autosave(store, put);
    rename(store, 'Mine');
    store.getState().setSave({ at: 'conflict' });
    store.getState().takeOver(kept({ ...brk, name: 'Theirs' }, 9));
    expect(name(store)).toBe('Theirs');
    store.getState().undoEdit();
    expect(name(store)).toBe('Mine');
    await vi.advanceTimersByTimeAsync(600);
    expect(put.mock.calls.at(-1)?.[0]).toMatchObject({ baseVersion: 9, value: { name: 'Mine' } });
  });

  it('says what the server refused, and tries again with the next change', async () => {
    const store = fresh();
    const put = server();
    put.mockRejectedValueOnce(new ApiFailure(422, { code: 'invalid', message: 'Too long.', fields: [] }));
    autosave(store, put);
    rename(store, 'x'.repeat(90));
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().save).toEqual({ at: 'refused', message: 'Too long.' });
    rename(store, 'Short');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().save.at).toBe('saved');
  });

  it('saves what is left when it is stopped, so that it arrives even when the page is gone', async () => {
    const store = fresh();
    const put = server();
    const stop = autosave(store, put);
    rename(store, 'Last words');
    await stop();
    expect(put.mock.calls.map(([c, keepalive]) => [c.value.name, keepalive])).toEqual([['Last words', true]]);
  });

  it('leaves no timer behind: a document that was left while the server is away is not sent again', async () => {
    const store = fresh();
    const put = server();
    put.mockRejectedValue(new Unreachable());
    const stop = autosave(store, put);
    rename(store, 'Second');
    await vi.advanceTimersByTimeAsync(600);
    await stop();
    const sent = put.mock.calls.length;
    await vi.advanceTimersByTimeAsync(60_000);
    expect(put).toHaveBeenCalledTimes(sent);
    expect(store.getState().save.at).toBe('offline');
  });

  it('is not sent before something has been done to what is new', async () => {
    const store = createDocument({ fresh: brk });
    const put = vi.fn<Put>(async ({ value }) => kept(value, 1));
    autosave(store, put);
    await vi.advanceTimersByTimeAsync(2000);
    expect([store.getState().save.at, put.mock.calls.length]).toEqual(['new', 0]);
    store.getState().edit('rename', (d) => {
      d.name = 'Begun';
    });
    await vi.advanceTimersByTimeAsync(600);
    expect(put.mock.calls.map(([c]) => c.baseVersion)).toEqual([0]);
  });
});

describe('what the program does by itself', () => {
  const itself = (store: Store, slotSec: number) =>
    store.getState().replace('put right', (b) => ({ ...b, slotSec }), { itself: true });

  it('is undone together with what the user did before it, one press each', () => {
    const store = fresh();
    rename(store, 'Second');
    itself(store, 200);
    rename(store, 'Third');
    itself(store, 100);
    const now = () => [store.getState().value.name, store.getState().value.slotSec];
    store.getState().undoEdit();
    expect(now()).toEqual(['Second', 200]);
    // The calendar still says the same, so it is put right again; the next press goes on all the same.
    itself(store, 100);
    store.getState().undoEdit();
    expect(now()).toEqual(['First', 300]);
    store.getState().undoEdit();
    expect(now()).toEqual(['First', 300]);
    store.getState().redoEdit();
    expect(now()).toEqual(['Second', 100]);
  });

  it('alone is nothing to be undone by the user', () => {
    const store = fresh();
    itself(store, 100);
    store.getState().undoEdit();
    expect(store.getState().value.slotSec).toBe(100);
  });
});

describe('replacing', () => {
  it('records only what differs', () => {
    const store = fresh();
    store.getState().replace('same', (b) => structuredClone(b));
    expect(store.getState().undo).toHaveLength(0);
    store.getState().replace('slot', (b) => ({ ...structuredClone(b), slotSec: 60 }));
    expect(store.getState().undo.at(-1)?.forth).toEqual([{ op: 'replace', path: ['slotSec'], value: 60 }]);
  });
});

describe('coming back to a document', () => {
  it('finds its undo again, unless the server has gone on', () => {
    const make = () => createBreakStore(kept(brk, 3));
    const first = openDocument('breaks.b', kept(brk, 3), make);
    rename(first, 'Second');
    first.getState().saved(kept(first.getState().value, 4), first.getState().value);
    const again = openDocument('breaks.b', kept(first.getState().value, 4), make);
    again.getState().undoEdit();
    expect(name(again)).toBe('First');
    again.getState().saved(kept(brk, 5), again.getState().value);
    const other = openDocument('breaks.b', kept({ ...brk, name: 'Elsewhere' }, 6), () =>
      createBreakStore(kept({ ...brk, name: 'Elsewhere' }, 6)),
    );
    expect([name(other), other.getState().undo.length]).toEqual(['Elsewhere', 0]);
  });

  it('goes on with what the server has not got yet', () => {
    const make = () => createBreakStore(kept({ ...brk, id: 'c' }, 3));
    const first = openDocument('breaks.c', kept({ ...brk, id: 'c' }, 3), make);
    rename(first, 'Mine');
    first.getState().setSave({ at: 'offline' });
    const again = openDocument('breaks.c', kept({ ...brk, id: 'c' }, 8), make);
    expect(name(again)).toBe('Mine');
  });
});
