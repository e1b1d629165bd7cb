import { agreeForm, driftOf, makeForm, renewForm } from '@kotabi/core/forms';
import {
  type Approach,
  type Break,
  FormKind,
  type Kept,
  type Move,
  type MoveLookup,
} from '@kotabi/core/model';
import type { Audience } from '@kotabi/core/review';
import { App, Button, Dropdown, Popover } from 'antd';
import { Layers } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Link, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { messageOf } from '../../api/client';
import { useBreaks, usePut } from '../../api/queries';
import { changeText } from '../../words/changes';
import styles from './break.module.css';
import type { BreakStore } from './store';
import { replaceWith } from './useActions';

interface Props {
  store: BreakStore;
  moves: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  audience: Audience | null;
}

const KIND: Record<FormKind, { make: string; is: string }> = {
  short: { make: 'Short form', is: 'Short form' },
  'on a call': { make: 'On-a-call form', is: 'On-a-call form' },
  'standing room': { make: 'Standing-room form', is: 'Standing-room form' },
};

/** Other forms of this break: making them, and going to those that are there. */
export const FormsMenu = ({ store, moves, lookup, approach, audience }: Props) => {
  const { brk } = useStore(store);
  const breaks = useBreaks().data ?? [];
  const put = usePut<Break>('breaks');
  const navigate = useNavigate();
  const { message } = App.useApp();
  const own = breaks.filter((b) => b.value.formOf?.breakId === brk.id);
  const make = async (kind: FormKind): Promise<void> => {
    const form = makeForm(brk, kind, { moves, lookup, approach, audience, newId: () => nanoid(10) });
    try {
      await put.mutateAsync({ baseVersion: 0, value: form });
      navigate(`/breaks/${form.id}`);
      message.success(`“${form.name}” was made. It stays linked to this break.`);
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          ...FormKind.options.map((kind) => ({
            key: kind,
            label: `Make its ${KIND[kind].make.toLowerCase()}`,
            disabled: brk.items.length === 0,
            onClick: () => void make(kind),
          })),
          ...(own.length > 0
            ? [
                { type: 'divider' as const },
                ...own.map((b) => ({
                  key: b.value.id,
                  label: <Link to={`/breaks/${b.value.id}`}>{b.value.name}</Link>,
                })),
              ]
            : []),
        ],
      }}
    >
      <Button icon={<Layers size={16} />}>Forms{own.length > 0 ? ` (${own.length})` : ''}</Button>
    </Dropdown>
  );
};

/** For a break that is a form of another one: where it comes from, and whether the two have drifted apart. */
export const FormNote = ({ store, moves, lookup, approach, audience }: Props) => {
  const { brk, edit } = useStore(store);
  const breaks = useBreaks().data;
  if (!brk.formOf || !breaks) return null;
  const parent: Kept<Break> | undefined = breaks.find((b) => b.value.id === brk.formOf?.breakId);
  const is = KIND[brk.formOf.kind].is;
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
              edit('make this form anew', (d) =>
                replaceWith(
                  d,
                  renewForm(brk, parent.value, {
                    moves,
                    lookup,
                    approach,
                    audience,
                    newId: () => nanoid(10),
                  }),
                ),
              )
            }
          >
            Make it anew
          </Button>
          <Button
            size="small"
            onClick={() =>
              edit('the difference is meant', (d) => replaceWith(d, agreeForm(brk, parent.value)))
            }
          >
            The difference is meant
          </Button>
        </>
      )}
    </p>
  );
};
