import { Modal } from 'antd';
import { useEffect } from 'react';
import { useBlocker } from 'react-router';

/** Asks before a screen is left while something on it has not been kept. */
export const LeaveGuard = ({ when, what }: { when: boolean; what: string }) => {
  const blocker = useBlocker(when);
  useEffect(() => {
    if (!when) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [when]);
  return (
    <Modal
      open={blocker.state === 'blocked'}
      title="Leave without keeping?"
      okText="Stay here"
      cancelText="Leave without keeping"
      onOk={() => blocker.reset?.()}
      onCancel={() => blocker.proceed?.()}
      closable={false}
      mask={{ closable: false }}
      keyboard={false}
    >
      {what}
    </Modal>
  );
};
