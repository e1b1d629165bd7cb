import { type ComponentType, lazy, Suspense, useState } from 'react';
import { type AskedAgain, NotFetched } from './NotFetched';

/** A part of the page that comes after the first look at it. */
export interface Later<P extends object> {
  (props: P): React.JSX.Element;
  /** Fetches it, so that it is there when it is wanted, whatever becomes of the server meanwhile. Rejects where that fails. */
  preload: () => Promise<void>;
}

/**
 * A part that is fetched when it is first shown; once it is there it is shown at once, without a moment of nothing. Where
 * it cannot be fetched only this part is missing: it says so in its place, and is asked for again by a press or when it
 * is next shown.
 */
export const later = <P extends object>(load: () => Promise<ComponentType<P>>): Later<P> => {
  let there: ComponentType<P> | null = null;
  const fetched = async (): Promise<ComponentType<P>> => {
    there = await load();
    return there;
  };
  type Attempt = ComponentType<P & AskedAgain>;
  const attempt = (): Attempt =>
    lazy(async () => {
      try {
        return { default: (await fetched()) as Attempt };
      } catch (error) {
        console.error('A part of this page could not be fetched', error);
        return { default: NotFetched as Attempt };
      }
    }) as unknown as Attempt;
  // What is waited for stays the same until it has been told how it went; then the next one is another attempt.
  let next = attempt();
  const renew = (): void => {
    next = attempt();
  };
  // biome-ignore lint/correctness/noComponentHookFactories: made once for each part, when its module is read
  const Shown = (props: P) => {
    // What is shown stays the same for as long as it is: what is put in its place, even if it is alike, begins anew, and a
    // question or a dialog that was open in it is gone.
    const [Now, setNow] = useState(() => (there as Attempt | null) ?? next);
    return <Now {...props} again={() => setNow(() => next)} renew={renew} />;
  };
  return Object.assign(Shown, {
    preload: async () => {
      await fetched();
    },
  });
};

/** The same, with nothing in its place while it is on its way. */
export const laterQuietly = <P extends object>(load: () => Promise<ComponentType<P>>): Later<P> => {
  const Part = later(load);
  // biome-ignore lint/correctness/noComponentHookFactories: made once for each part, when its module is read
  const Quiet = (props: P) => (
    <Suspense fallback={null}>
      <Part {...props} />
    </Suspense>
  );
  return Object.assign(Quiet, { preload: Part.preload });
};
