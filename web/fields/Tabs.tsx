import styles from './fields.module.css';

interface Props<V extends string> {
  label: string;
  value: V;
  options: readonly { value: V; label: string }[];
  onChange: (value: V) => void;
  className?: string;
}

/** What is shown in one place: a row of words, one of them on. The arrow keys go along it. */
export const Tabs = <V extends string>({ label, value, options, onChange, className }: Props<V>) => (
  <div className={`${styles.tabs} ${className ?? ''}`} role="tablist" aria-label={label}>
    {options.map((o, i) => (
      <button
        key={o.value}
        type="button"
        role="tab"
        aria-selected={o.value === value}
        tabIndex={o.value === value ? 0 : -1}
        onClick={() => onChange(o.value)}
        onKeyDown={(e) => {
          const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
          const next = options[i + by];
          if (by === 0 || !next) return;
          e.preventDefault();
          e.stopPropagation();
          onChange(next.value);
          const row = e.currentTarget.parentElement;
          (row?.children[i + by] as HTMLElement | undefined)?.focus();
        }}
      >
        {o.label}
      </button>
    ))}
  </div>
);
