import { Button } from 'antd';
import { type JSX, Suspense } from 'react';
import { useStore } from 'zustand';
import { later } from '../later/later';
import type { ConflictProps } from './Conflict';
import type { Document } from './document';
import { isUnkept } from './document';
import styles from './document.module.css';

const Conflict = later(async () => (await import('./Conflict')).Conflict) as <T extends { id: string }>(
  props: ConflictProps<T>,
) => JSX.Element;

const NOTES = {
  saved: 'Saved',
  waiting: 'Saving …',
  saving: 'Saving …',
  offline: 'Not saved: the server does not answer. Your work is kept here and tried again.',
  conflict: 'Not saved: changed elsewhere',
  refused: 'Not saved',
} as const;

type Props<T extends { id: string }> = Omit<ConflictProps<T>, 'open'> & {
  document: Document<T>;
  /** What is said of a thing to which nothing has been done yet. */
  fresh?: string;
};

/** What saving is doing; when the thing was changed elsewhere, the choice what to do about it. */
export const SaveNote = <T extends { id: string }>({ fresh = '', ...props }: Props<T>) => {
  const { save, setSave } = useStore(props.document);
  const bad = isUnkept(save) && save.at !== 'waiting' && save.at !== 'saving';
  return (
    <>
      <span
        role="status"
        className={bad ? styles.notSaved : 'muted small'}
        title={save.at === 'refused' ? save.message : undefined}
      >
        {save.at === 'new' ? fresh : NOTES[save.at]}
        {save.at === 'refused' && `: ${save.message}`}
      </span>
      {(save.at === 'offline' || save.at === 'refused') && (
        <Button size="small" onClick={() => setSave({ at: 'waiting' })}>
          Try now
        </Button>
      )}
      {save.at === 'conflict' && (
        <Suspense>
          <Conflict {...props} open />
        </Suspense>
      )}
    </>
  );
};
