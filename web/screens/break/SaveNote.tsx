import type { Break, Kept } from '@kotabi/core/model';
import { App, Button, Modal } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { messageOf, request } from '../../api/client';
import { put } from '../../api/queries';
import styles from './break.module.css';
import type { BreakStore } from './store';

const NOTES = {
  saved: 'Saved',
  waiting: 'Saving …',
  saving: 'Saving …',
  offline: 'Not saved: the server does not answer. Your work is kept here and tried again.',
  conflict: 'Not saved: changed elsewhere',
  refused: 'Not saved',
} as const;

/** What autosave is doing; when the break was changed elsewhere, the choice what to do about it. */
export const SaveNote = ({ store }: { store: BreakStore }) => {
  const { save, setSave } = useStore(store);
  const bad = save.at === 'offline' || save.at === 'conflict' || save.at === 'refused';
  return (
    <>
      <span
        role="status"
        className={bad ? styles.notSaved : 'muted small'}
        title={save.at === 'refused' ? save.message : undefined}
      >
        {NOTES[save.at]}
        {save.at === 'refused' && `: ${save.message}`}
      </span>
      {(save.at === 'offline' || save.at === 'refused') && (
        <Button size="small" onClick={() => setSave({ at: 'waiting' })}>
          Try now
        </Button>
      )}
      <Conflict store={store} open={save.at === 'conflict'} />
    </>
  );
};

const Conflict = ({ store, open }: { store: BreakStore; open: boolean }) => {
  const { message } = App.useApp();
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const { takeOver, rebase } = store.getState();

  /** Each way out begins by asking what the server has now. */
  const choose = (then: (theirs: Kept<Break>) => Promise<void> | void) => async (): Promise<void> => {
    setBusy(true);
    try {
      await then(await request<Kept<Break>>('GET', `/api/breaks/${store.getState().brk.id}`));
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const asCopy = choose(async (theirs) => {
    const { brk } = store.getState();
    const copy = { ...brk, id: nanoid(), name: `${brk.name.slice(0, 72)} (mine)` };
    await put('breaks', { baseVersion: 0, value: copy });
    takeOver(theirs);
    navigate(`/breaks/${copy.id}`);
  });

  return (
    <Modal
      open={open}
      closable={false}
      title="This break was changed elsewhere"
      footer={[
        <Button key="copy" loading={busy} onClick={asCopy}>
          Keep mine as a copy
        </Button>,
        <Button key="theirs" loading={busy} onClick={choose(takeOver)}>
          Take the other one
        </Button>,
        <Button key="mine" type="primary" loading={busy} onClick={choose(({ version }) => rebase(version))}>
          Keep mine
        </Button>,
      ]}
    >
      Another tab or another person saved it while you were working here. Nothing has been overwritten. “Keep
      mine” saves your state as the newest; with “Take the other one”, undo brings yours back.
    </Modal>
  );
};
