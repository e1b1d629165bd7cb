import { useEffect } from 'react';

/** Names the browser's tab after what it shows. */
export const useTitle = (name: string | undefined): void => {
  useEffect(() => {
    document.title = name ? `${name} · Kotabi` : 'Kotabi';
  }, [name]);
};
