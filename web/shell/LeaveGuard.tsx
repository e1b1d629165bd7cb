import { Suspense, useEffect } from 'react';
import { useBlocker } from 'react-router';
import { later } from '../later/later';

const LeaveQuestion = later(async () => (await import('./LeaveQuestion')).default);

interface Props {
  when: boolean;
  what: string;
  /** Told when it is left all the same. */
  onLeave?: () => void;
}

/** Asks before a screen is left while something on it has not been kept. */
export const LeaveGuard = ({ when, what, onLeave }: Props) => {
  const blocker = useBlocker(when);
  useEffect(() => {
    if (!when) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [when]);
  if (blocker.state !== 'blocked') return null;
  return (
    <Suspense>
      <LeaveQuestion
        what={what}
        stay={() => blocker.reset()}
        leave={() => {
          onLeave?.();
          blocker.proceed();
        }}
      />
    </Suspense>
  );
};
