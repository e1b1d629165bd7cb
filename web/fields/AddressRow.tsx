import { Button, Popconfirm } from 'antd';
import { Copy, Trash2 } from 'lucide-react';
import { useMessages } from '../shell/messages';
import styles from './fields.module.css';

/** An address that was given out: to be chosen, copied, and taken back. */
export const AddressRow = ({
  name,
  address,
  gone,
  takeBack,
}: {
  /** Whose or what it is, in its accessible names. */
  name: string;
  address: string;
  /** What happens to those who have it, once it is taken back. */
  gone: string;
  takeBack: () => void;
}) => {
  const { message } = useMessages();
  return (
    <span className={styles.addressRow}>
      <input
        readOnly
        className={styles.address}
        aria-label={`Address of ${name}`}
        value={address}
        onFocus={(e) => e.target.select()}
      />
      <Button
        size="small"
        icon={<Copy size={14} />}
        onClick={() => {
          navigator.clipboard
            .writeText(address)
            .then(() => message.success('Copied.'))
            .catch(() => message.info('Choose the address and copy it by hand.'));
        }}
      >
        Copy
      </Button>
      <Popconfirm title="Take this address back?" description={gone} okText="Take back" onConfirm={takeBack}>
        <Button
          size="small"
          type="text"
          danger
          aria-label={`Take back the address of ${name}`}
          icon={<Trash2 size={14} />}
        />
      </Popconfirm>
    </span>
  );
};
