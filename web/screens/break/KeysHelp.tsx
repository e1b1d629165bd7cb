import { Modal } from 'antd';
import styles from './break.module.css';
import { keyList } from './useKeys';

/** The keys of the sheet. */
export const KeysHelp = ({ open, close }: { open: boolean; close: () => void }) => (
  <Modal open={open} onCancel={close} footer={null} title="Keys on the sheet" width={460}>
    <dl className={styles.keys}>
      {keyList.map(([keys, what]) => (
        <div key={keys}>
          <dt>
            <kbd>{keys}</kbd>
          </dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
  </Modal>
);
