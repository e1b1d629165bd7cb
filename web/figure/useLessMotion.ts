import { useEffect, useState } from 'react';

/** True when the system asks for less motion. */
export const useLessMotion = (): boolean => {
  const query = '(prefers-reduced-motion: reduce)';
  const [less, setLess] = useState(() => matchMedia(query).matches);
  useEffect(() => {
    const media = matchMedia(query);
    const change = () => setLess(media.matches);
    media.addEventListener('change', change);
    return () => media.removeEventListener('change', change);
  }, []);
  return less;
};
