import { Button } from 'antd';
import { useStore } from 'zustand';
import styles from './week.module.css';
import type { WeekSave, WeekStore } from './weekStore';

const SAYS: Record<WeekSave, string> = {
  new: 'Nothing planned yet',
  saved: 'Saved',
  saving: 'Saving …',
  offline: 'Not saved: the server does not answer. Your plan is kept here and tried again.',
  conflict: 'Not saved: this week was changed elsewhere.',
  refused: 'Not saved: ',
};

/** What saving is doing, and what can be done when it fails. */
export const SaveNote = ({ store, reload }: { store: WeekStore; reload: () => void }) => {
  const { save, why, retry } = useStore(store);
  const bad = save === 'offline' || save === 'conflict' || save === 'refused';
  return (
    <>
      <span role="status" className={bad ? styles.notSaved : 'muted small'}>
        {SAYS[save]}
        {save === 'refused' && why}
      </span>
      {save === 'conflict' && (
        <Button size="small" onClick={reload}>
          Open the other version
        </Button>
      )}
      {(save === 'refused' || save === 'offline') && (
        <Button size="small" onClick={retry}>
          Try now
        </Button>
      )}
    </>
  );
};
