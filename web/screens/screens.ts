import type { ComponentType } from 'react';
import type { ScreenRow } from './table';

const files = import.meta.glob<Record<string, ComponentType>>('./**/*Screen.tsx');

/** The code of a screen. Throws where it cannot be fetched, or the file in its row is not there: a slip in the table. */
export const loadScreen = async ({ file }: ScreenRow): Promise<ComponentType> => {
  const load = files[`./${file}.tsx`];
  const screen = (await load?.())?.[file.split('/').at(-1) ?? ''];
  if (!screen) throw new Error(`There is no screen ${file}`);
  return screen;
};
