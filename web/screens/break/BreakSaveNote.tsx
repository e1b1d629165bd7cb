import type { Break, Kept } from '@kotabi/core/model';
import { nanoid } from 'nanoid';
import { request } from '../../api/client';
import { put } from '../../api/queries';
import { SaveNote } from '../../document/SaveNote';
import { useGoOn } from '../../shell/useGoOn';
import type { BreakStore } from './store';

/** How the break stands with the server; a break changed elsewhere can also be kept as a copy. */
export const BreakSaveNote = ({ store }: { store: BreakStore }) => {
  const goOn = useGoOn();
  const { id } = store.getState().value;
  return (
    <SaveNote
      document={store}
      what="break"
      theirs={() => request<Kept<Break>>('GET', `/api/breaks/${id}`)}
      asCopy={async (mine) => {
        const copy = { ...mine, id: nanoid(), name: `${mine.name.slice(0, 72)} (mine)` };
        await put('breaks', { baseVersion: 0, value: copy });
        goOn(`/breaks/${copy.id}`);
      }}
    />
  );
};
