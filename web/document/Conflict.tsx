import type { Kept } from '@kotabi/core/model';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { useMessages } from '../shell/messages';
import type { Document } from './document';

export interface ConflictProps<T extends { id: string }> {
  document: Document<T>;
  open: boolean;
  /** What it is called: break, week, group. */
  what: string;
  /** What the server has now. */
  theirs: () => Promise<Kept<T>>;
  /** Keeps the own state as another thing, where that makes sense; the document then takes theirs. */
  asCopy?: (mine: T) => Promise<void>;
  /** After one of the states has been chosen. */
  chosen?: (which: 'mine' | 'theirs') => void;
}

/** A thing was changed elsewhere: nothing is overwritten until the user has chosen. */
export const Conflict = <T extends { id: string }>({
  document,
  open,
  what,
  theirs,
  asCopy,
  chosen,
}: ConflictProps<T>) => {
  const { message } = useMessages();
  const [busy, setBusy] = useState(false);
  const { takeOver, rebase } = document.getState();

  /** Each way out begins by asking what the server has now. */
  const choose = (then: (kept: Kept<T>) => Promise<void> | void) => async (): Promise<void> => {
    setBusy(true);
    try {
      await then(await theirs());
    } catch (error) {
      message.error(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal
      open={open}
      closable={false}
      title={`This ${what} was changed elsewhere`}
      footer={[
        asCopy && (
          <Button
            key="copy"
            loading={busy}
            onClick={choose(async (kept) => {
              await asCopy(document.getState().value);
              takeOver(kept);
            })}
          >
            Keep mine as a copy
          </Button>
        ),
        <Button
          key="theirs"
          loading={busy}
          onClick={choose((kept) => {
            takeOver(kept);
            chosen?.('theirs');
          })}
        >
          Take the other one
        </Button>,
        <Button
          key="mine"
          type="primary"
          loading={busy}
          onClick={choose(({ version }) => {
            rebase(version);
            chosen?.('mine');
          })}
        >
          Keep mine
        </Button>,
      ]}
    >
      Another tab or another person saved it while you were working here. Nothing has been overwritten. “Keep
      mine” saves your state as the newest; with “Take the other one”, undo brings yours back.
    </Modal>
  );
};
