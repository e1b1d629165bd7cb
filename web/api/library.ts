import type { LibraryData } from '@kotabi/core/library';
import address from '@kotabi/core/library.json?url';

let loading: Promise<LibraryData> | null = null;

/** The moves that come with Kotabi, fetched once as data; a fetch that failed is tried again when asked again. */
export const loadLibrary = (): Promise<LibraryData> => {
  loading ??= fetch(address)
    .then((response) => {
      if (!response.ok) throw new Error(`The library of moves could not be loaded (${response.status}).`);
      return response.json() as Promise<LibraryData>;
    })
    .catch((error: unknown) => {
      loading = null;
      throw error;
    });
  return loading;
};
