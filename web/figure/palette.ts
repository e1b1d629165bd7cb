import { PALETTE_NAMES, type PaletteName } from '@kotabi/core/pictures';
import { create } from 'zustand';

const KEY = 'kotabi-figure';
const stored = (): PaletteName => {
  try {
    const name = localStorage.getItem(KEY);
    return PALETTE_NAMES.find((p) => p === name) ?? 'sage';
  } catch {
    return 'sage'; // a browser that keeps nothing still draws
  }
};

/** Which palette this browser draws with. */
export const usePalette = create<{ name: PaletteName; choose: (name: PaletteName) => void }>((set) => ({
  name: stored(),
  choose: (name) => {
    set({ name });
    try {
      localStorage.setItem(KEY, name);
    } catch {
      // Kept for this visit only.
    }
  },
}));
