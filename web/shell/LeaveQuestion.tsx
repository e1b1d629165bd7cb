import { Modal } from 'antd';

interface Props {
  what: string;
  stay: () => void;
  leave: () => void;
}

/** Asks before something that has not been kept is left. */
const LeaveQuestion = ({ what, stay, leave }: Props) => (
  <Modal
    open
    title="Leave without keeping?"
    okText="Stay here"
    cancelText="Leave without keeping"
    onOk={stay}
    onCancel={leave}
    closable={false}
    mask={{ closable: false }}
    keyboard={false}
  >
    {what}
  </Modal>
);
export default LeaveQuestion;
