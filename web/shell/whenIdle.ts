/** Does something when the page has nothing else to do, at the latest after three seconds; gives back how to call it off. */
export const whenIdle = (work: () => void): (() => void) => {
  if ('requestIdleCallback' in window) {
    const id = requestIdleCallback(work, { timeout: 3000 });
    return () => cancelIdleCallback(id);
  }
  const id = setTimeout(work, 1000);
  return () => clearTimeout(id);
};
