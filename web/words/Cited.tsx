import { cite, type Source } from '@kotabi/core/reference';
import { Link } from 'react-router';
import styles from './cited.module.css';

/** A source, said shortly; it opens the page of numbers, which says all of it and from where it is quoted. */
export const Cited = ({ source }: { source: Source }) => (
  <Link to="/numbers" title={source.source} className={styles.source}>
    {cite(source)}
  </Link>
);
