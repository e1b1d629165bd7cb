import type { ArchiveOpened } from '@kotabi/core/model';
import { Button } from 'antd';
import { Download, FolderOpen } from 'lucide-react';
import { useState } from 'react';
import { sendText } from '../../api/client';
import { queryClient } from '../../api/queries';
import { FileButton } from '../../fields/FileButton';
import { fileTrouble } from '../../shell/fileTrouble';
import { useMessages } from '../../shell/messages';
import styles from './data.module.css';

const things = (n: number): string => (n === 1 ? '1 thing' : `${n} things`);

/** What became of an archive, in a sentence. */
export const openedText = ({ brought, known, beside, left }: ArchiveOpened): string => {
  const rest = [
    known > 0 && `${things(known)} ${known === 1 ? 'was' : 'were'} here already, word for word`,
    beside > 0 && `${things(beside)} came in beside another one that reads differently here`,
    left > 0 && `${left === 1 ? '1 week was' : `${left} weeks were`} left out: another one is planned there`,
  ].filter(Boolean);
  const head = brought === 0 ? 'Nothing new was in it' : `${things(brought)} brought in`;
  return `${[head, ...rest].join('; ')}.`;
};

/** All of one’s own work as one file, to take away and to bring in elsewhere. */
export const AllMyWork = () => {
  const { message, tell } = useMessages();
  const [busy, setBusy] = useState(false);
  const open = async (file: File): Promise<void> => {
    setBusy(true);
    try {
      const opened = await sendText<ArchiveOpened>('/api/archive/open', file, 'application/json');
      await queryClient.invalidateQueries();
      message.success(openedText(opened), 8);
    } catch (error) {
      tell(fileTrouble(file, error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className={`card ${styles.part}`} aria-label="All my work">
      <h2>All my work</h2>
      <p className="muted">
        Groups with their people and weeks, breaks, own moves, the approach and the log, in one open file.
        People’s limits and notes stand in it for everyone to read: keep it as safe as they would want it.
      </p>
      <div className="bar">
        <Button icon={<Download size={16} />} href="/api/archive" download>
          Take it away
        </Button>
        <FileButton
          icon={<FolderOpen size={16} />}
          accept=".json,application/json"
          loading={busy}
          onFile={(file) => void open(file)}
        >
          Bring such a file in
        </FileButton>
      </div>
    </section>
  );
};
