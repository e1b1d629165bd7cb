import type { SelectProps } from 'antd';
import { ChevronDown } from 'lucide-react';
import { Suspense, useState } from 'react';
import { later } from '../later/later';
import styles from './fields.module.css';

const OpenSelect = later(async () => (await import('./OpenSelect')).default);

type Props<V> = Pick<
  SelectProps<V>,
  | 'aria-label'
  | 'value'
  | 'options'
  | 'onChange'
  | 'style'
  | 'showSearch'
  | 'variant'
  | 'popupMatchSelectWidth'
> & { 'aria-label': string };

/** A choice among several; the list itself is loaded when it is opened for the first time. */
export const LazySelect = <V extends string>({ style, variant, ...select }: Props<V>) => {
  const [wanted, setWanted] = useState(false);
  const label = select.options?.find((o) => o.value === select.value)?.label ?? select.value;
  const closed = (
    <button
      type="button"
      role="combobox"
      aria-label={select['aria-label']}
      aria-expanded={false}
      aria-haspopup="listbox"
      className={`${styles.select} ${variant === 'borderless' ? styles.borderless : ''}`}
      style={style}
      onClick={() => setWanted(true)}
      onKeyDown={(e) => {
        if (e.key !== 'ArrowDown') return;
        e.preventDefault();
        setWanted(true);
      }}
    >
      <span>{label}</span>
      <ChevronDown size={15} aria-hidden="true" />
    </button>
  );
  if (!wanted) return closed;
  return (
    <Suspense fallback={closed}>
      <OpenSelect {...(select as SelectProps)} style={style} variant={variant} />
    </Suspense>
  );
};
