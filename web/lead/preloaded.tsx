import { type ComponentType, lazy, Suspense } from 'react';

/** A part of the page that comes after the first look at it. */
export interface Preloaded<P extends object> {
  Part: ComponentType<P>;
  /** Fetches it, so that it is there when it is wanted, whatever becomes of the server meanwhile. */
  preload: () => Promise<void>;
}

/** A part that is fetched after the first look; once it is there it is shown at once, without a moment of nothing. */
export const preloaded = <P extends object>(load: () => Promise<ComponentType<P>>): Preloaded<P> => {
  let there: ComponentType<P> | null = null;
  const Later = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>;
  return {
    // biome-ignore lint/correctness/noComponentHookFactories: made once for each part, when its module is read
    Part: (props: P) => {
      const There = there;
      if (There) return <There {...props} />;
      return (
        <Suspense fallback={null}>
          <Later {...props} />
        </Suspense>
      );
    },
    preload: async () => {
      there = await load();
    },
  };
};
