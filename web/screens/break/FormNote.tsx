import { agreeForm, driftOf, renewForm } from '@kotabi/core/forms';
import type { Break, Kept } from '@kotabi/core/model';
import { Button, Popover } from 'antd';
import { nanoid } from 'nanoid';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useBreaks } from '../../api/queries';
import { changeText } from '../../words/changes';
import { FORM_WORDS } from '../../words/forms';
import styles from './break.module.css';
import type { FormsProps } from './FormsMenu';

/** For a break that is a form of another one: where it comes from, and whether the two have drifted apart. */
const FormNote = ({ store, moves, lookup, approach, audience }: FormsProps) => {
  const { value: brk, edit, replace } = useStore(store);
  const breaks = useBreaks().data;
  if (!brk.formOf || !breaks) return null;
  const parent: Kept<Break> | undefined = breaks.find((b) => b.value.id === brk.formOf?.breakId);
  const is = FORM_WORDS[brk.formOf.kind].is;
  if (!parent)
    return (
      <p className={styles.formNote}>
        {is} of a break that is not there any more.{' '}
        <button
          type="button"
          className={styles.show}
          onClick={() =>
            edit('let it stand by itself', (d) => {
              delete d.formOf;
            })
          }
        >
          Let it stand by itself
        </button>
      </p>
    );
  const drift = driftOf(brk, parent.value);
  return (
    <p className={styles.formNote}>
      {is} of <Link to={`/breaks/${parent.value.id}`}>{parent.value.name}</Link>
      {drift.length === 0 ? (
        <span className="muted">, and they agree</span>
      ) : (
        <>
          {', which has changed since: '}
          <Popover
            trigger="click"
            content={
              <ul className={styles.drift}>
                {drift.map((c) => (
                  <li key={changeText(c, lookup)}>{changeText(c, lookup)}</li>
                ))}
              </ul>
            }
          >
            <button type="button" className={styles.show}>
              {drift.length} {drift.length === 1 ? 'change' : 'changes'}
            </button>
          </Popover>
          <Button
            size="small"
            onClick={() =>
              replace('make this form anew', () =>
                renewForm(brk, parent.value, {
                  moves,
                  lookup,
                  approach,
                  audience,
                  newId: () => nanoid(10),
                }),
              )
            }
          >
            Make it anew
          </Button>
          <Button
            size="small"
            onClick={() => replace('the difference is meant', () => agreeForm(brk, parent.value))}
          >
            The difference is meant
          </Button>
        </>
      )}
    </p>
  );
};
export default FormNote;
