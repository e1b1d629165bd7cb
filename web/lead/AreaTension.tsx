import type { Area, Session } from '@kotabi/core/model';
import controls from './controls.module.css';
import styles from './lead.module.css';

interface Props {
  /** Areas that this break works on; those that were asked already are there as well. */
  areas: readonly Area[];
  value: Session['areas'];
  when: 'before' | 'after';
  set: (value: Session['areas']) => void;
}

/** Tension by area, 0 to 10, for whoever wants to ask: only what was asked is kept. */
export const AreaTension = ({ areas, value, when, set }: Props) => {
  const all = [...new Set([...value.map((v) => v.area), ...areas])];
  const change = (area: Area, text: string): void => {
    const n = text === '' ? null : Number(text);
    if (n !== null && !(Number.isInteger(n) && n >= 0 && n <= 10)) return;
    const old = value.find((v) => v.area === area) ?? { area, before: null, after: null };
    const next = { ...old, [when]: n };
    const others = value.filter((v) => v.area !== area);
    set(next.before === null && next.after === null ? others : [...others, next]);
  };
  if (all.length === 0) return null;
  return (
    <details className={styles.names} open={value.length > 0}>
      <summary>by area</summary>
      <div className={styles.areas}>
        {all.map((area) => {
          const own = value.find((v) => v.area === area);
          return (
            <label key={area}>
              {area}
              <input
                className={controls.number}
                type="number"
                min={0}
                max={10}
                placeholder="–"
                aria-label={`Tension, ${area}, 0 to 10`}
                value={own?.[when] ?? ''}
                onChange={(e) => change(area, e.target.value)}
              />
              {when === 'after' && own?.before != null && (
                <span className={styles.dim}>before {own.before}</span>
              )}
            </label>
          );
        })}
      </div>
    </details>
  );
};
