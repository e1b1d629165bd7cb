import { useEffect, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useUnreadable } from '../api/queries';
import styles from './shell.module.css';
import { whenIdle } from './whenIdle';

/** Says above every screen when something that is kept cannot be read, so that nobody misses it unknowingly. */
export const UnreadNote = () => {
  const [idle, setIdle] = useState(false);
  useEffect(() => whenIdle(() => setIdle(true)), []);
  return idle ? <Note /> : null;
};

const Note = () => {
  const { data = [] } = useUnreadable();
  const { pathname } = useLocation();
  const [first] = data;
  if (!first || pathname === '/data') return null;
  const named = first.name ? `“${first.name}”` : `one ${first.kind}`;
  const rest = data.length > 1 ? ` and ${data.length - 1} more` : '';
  return (
    <p className={styles.unread} role="status">
      {named}
      {rest} cannot be read and {data.length > 1 ? 'are' : 'is'} not shown. Nothing was changed.{' '}
      <Link to="/data">Look at it</Link>
    </p>
  );
};
