import { Break } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { breakKind, createBreakStore } from '../screens/break/store';
import { bringBackHeld, heldState, holdUnsaved } from './held';

const shelf = () => {
  const map = new Map<string, string>();
  return {
    getItem: (k: string) => map.get(k) ?? null,
    setItem: (k: string, v: string) => void map.set(k, v),
    removeItem: (k: string) => void map.delete(k),
    map,
  };
};
const brk = Break.parse({ id: 'b', name: 'B', slotSec: 300, items: [] });
const kept = { version: 3, updatedAt: '', value: brk };
const rename = (name: string) => (d: Break) => {
  d.name = name;
};

describe('what has not reached the server', () => {
  it('is held in the browser until it is saved', () => {
    const s = shelf();
    const store = createBreakStore(kept);
    const stop = holdUnsaved(store, breakKind, s);
    store.getState().edit('rename', rename('Mine'));
    expect(heldState(breakKind, 'b', s)).toMatchObject({ baseVersion: 3, value: { name: 'Mine' } });
    const { value: sent, saved } = store.getState();
    saved({ version: 4, updatedAt: '', value: sent }, sent);
    expect(heldState(breakKind, 'b', s)).toBeNull();
    stop();
    store.getState().edit('rename', rename('Again'));
    expect(heldState(breakKind, 'b', s)).toBeNull();
  });

  it('is brought back as an edit that can be undone, on the version it was made on', () => {
    const s = shelf();
    s.setItem('kotabi.unsaved.breaks.b', JSON.stringify({ baseVersion: 3, value: { ...brk, name: 'Mine' } }));
    const store = createBreakStore({ ...kept, version: 5, value: { ...brk, slotSec: 600 } });
    expect(bringBackHeld(store, breakKind, s)).toBe(true);
    expect(store.getState()).toMatchObject({ baseVersion: 3, value: { name: 'Mine', slotSec: 300 } });
    store.getState().undoEdit();
    expect(store.getState().value).toMatchObject({ name: 'B', slotSec: 600 });
  });

  it('is nothing when the server has it already, or when it cannot be read', () => {
    const s = shelf();
    s.setItem('kotabi.unsaved.breaks.b', JSON.stringify({ baseVersion: 3, value: brk }));
    expect(bringBackHeld(createBreakStore(kept), breakKind, s)).toBe(false);
    s.setItem('kotabi.unsaved.breaks.b', '{"cut off');
    expect(bringBackHeld(createBreakStore(kept), breakKind, s)).toBe(false);
    expect(s.map.size).toBe(0);
  });
});
