import type { ButtonHTMLAttributes } from 'react';
import styles from './controls.module.css';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { main?: boolean; quiet?: boolean };

/** A button of the leading page; `main` for what is to be done, `quiet` for going away. */
export const Button = ({ main, quiet, className, ...rest }: Props) => (
  <button
    type="button"
    className={[styles.button, main && styles.main, quiet && styles.quiet, className]
      .filter(Boolean)
      .join(' ')}
    {...rest}
  />
);
