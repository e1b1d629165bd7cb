import { useEffect } from 'react';
import { Navigate, NavLink, Outlet, useLocation } from 'react-router';
import { queryClient, useMe, useRoles } from '../api/queries';
import { sendWaiting } from '../api/sessions-outbox';
import { Mark } from './Mark';
import styles from './shell.module.css';
import { UnreadNote } from './UnreadNote';

const places = [
  ['/today', 'Today'],
  ['/people', 'People'],
  ['/moves', 'Moves'],
  ['/breaks', 'Breaks'],
  ['/week', 'Week'],
  ['/lead', 'Lead'],
  ['/log', 'Log'],
] as const;
/** What belongs to a place without lying below its address. */
const BELOW: Partial<Record<string, RegExp>> = { '/log': /^\/(trends|measure)\// };
/** Beside the work: how one teaches, why it matters, what the numbers rest on, and where everything is kept. */
const beside = [
  ['/approach', 'Approach'],
  ['/head-load', 'Head load'],
  ['/numbers', 'Numbers'],
  ['/data', 'Data'],
] as const;

/** What those who only look after accounts and backups come to. */
const FOR_KEEPERS = ['/data', '/account', '/accounts', '/deeds'];

/** The frame around every screen but the one that is led from. */
export const Shell = () => {
  const { pathname } = useLocation();
  const { instructor } = useRoles();
  const { data: me } = useMe();
  const forMe = beside.filter(([to]) => instructor || FOR_KEEPERS.includes(to));
  useEffect(() => {
    // Records that a silent server could not take, or that were left in the middle, are sent now.
    sendWaiting().then(
      (sent) => (sent > 0 ? queryClient.invalidateQueries({ queryKey: ['sessions'] }) : undefined),
      (error: unknown) => console.error('A waiting record was not taken', error),
    );
  }, []);
  return (
    <div className={styles.shell}>
      <a className={styles.skip} href="#main">
        Skip to the page
      </a>
      <nav className={styles.nav} aria-label="Main">
        <Mark />
        {(instructor ? places : []).map(([to, name]) => (
          <NavLink
            key={to}
            to={to}
            className={({ isActive }) =>
              `${styles.link} ${isActive || BELOW[to]?.test(pathname) ? styles.here : ''}`
            }
          >
            {name}
          </NavLink>
        ))}
        <span className={styles.gap} />
        {forMe.map(([to, name]) => (
          <NavLink
            key={to}
            to={to}
            className={({ isActive }) => `${styles.link} ${styles.minor} ${isActive ? styles.here : ''}`}
          >
            {name}
          </NavLink>
        ))}
        {me?.account && (
          <NavLink
            to="/account"
            title={`Signed in as ${me.account.name}`}
            className={({ isActive }) =>
              `${styles.link} ${styles.minor} ${styles.me} ${isActive ? styles.here : ''}`
            }
          >
            {me.account.name}
          </NavLink>
        )}
      </nav>
      <main id="main" className={styles.main} tabIndex={-1}>
        {instructor && <UnreadNote />}
        {instructor || FOR_KEEPERS.includes(pathname) ? <Outlet /> : <Navigate to="/data" replace />}
      </main>
    </div>
  );
};
