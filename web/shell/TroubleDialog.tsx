import { Button, Modal } from 'antd';
import type { Trouble } from './trouble';

/** What went wrong, at length. */
const TroubleDialog = ({ title, content, close }: Trouble & { close: () => void }) => (
  <Modal
    open
    title={title}
    width={560}
    onCancel={close}
    footer={
      <Button type="primary" onClick={close}>
        OK
      </Button>
    }
  >
    {content}
  </Modal>
);
export default TroubleDialog;
