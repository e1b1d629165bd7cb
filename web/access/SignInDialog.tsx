import type { Me } from '@kotabi/core/model';
import { Button, Form, Input, type InputRef, Modal } from 'antd';
import { useRef, useState } from 'react';
import { type Entrance, messageOf, request } from '../api/client';
import { queryClient } from '../api/queries';
import styles from './access.module.css';
import { gate } from './gate';
import { forgetAll, lastAccount, rememberAccount } from './whose';

interface Values {
  name: string;
  password: string;
  code?: string;
}

/** Lets somebody in. What was on the screen belongs to whoever was here before: another one begins anew. */
const letIn = async (account: NonNullable<Me['account']>): Promise<void> => {
  const before = lastAccount();
  if (before !== null && before !== account.id) {
    forgetAll();
    rememberAccount(account.id);
    location.reload();
    return;
  }
  rememberAccount(account.id);
  gate.open();
  await queryClient.invalidateQueries();
};

/** Who one is, asked over whatever is on the screen; or the first account, on a server that has none. */
export const SignInDialog = ({ why }: { why: Entrance }) => {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const first = useRef<InputRef>(null);
  const isFirst = why === 'first';
  const send = async ({ name, password, code }: Values): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      if (isFirst) await request('POST', '/api/first', { name, password, code });
      const { account } = await request<Me>('POST', '/api/sign-in', { name, password });
      if (account) await letIn(account);
    } catch (error) {
      setProblem(messageOf(error));
      setBusy(false);
    }
  };
  return (
    <Modal
      open
      title={isFirst ? 'The first account' : 'Sign in to Kotabi'}
      closable={false}
      keyboard={false}
      footer={null}
      width={420}
      afterOpenChange={(shown) => shown && first.current?.focus()}
    >
      <p className="muted" style={{ marginBottom: 14 }}>
        {isFirst
          ? 'Nobody can sign in on this server yet. Whoever makes the first account looks after the others. The code stands on the server’s own terminal.'
          : 'What you were doing waits here and goes on afterwards. Forgotten the password? Whoever looks after accounts gives you a new one.'}
      </p>
      <Form<Values> layout="vertical" requiredMark={false} onFinish={(values) => void send(values)}>
        {isFirst && (
          <Form.Item
            name="code"
            label="Code"
            rules={[{ required: true, message: 'The code from the terminal.' }]}
          >
            <Input ref={first} autoComplete="off" placeholder="four letters, three times" />
          </Form.Item>
        )}
        <Form.Item
          name="name"
          label="Name"
          rules={[{ required: true, message: 'The name of your account.' }]}
        >
          <Input ref={isFirst ? undefined : first} autoComplete="username" maxLength={40} />
        </Form.Item>
        <Form.Item
          name="password"
          label="Password"
          extra={isFirst ? 'At least 10 characters: four words are easy to keep in mind.' : undefined}
          rules={[
            { required: true, message: 'Your password.' },
            ...(isFirst ? [{ min: 10, message: 'At least 10 characters.' }] : []),
          ]}
        >
          <Input.Password autoComplete={isFirst ? 'new-password' : 'current-password'} maxLength={200} />
        </Form.Item>
        {problem && (
          <p role="alert" className={styles.problem}>
            {problem}
          </p>
        )}
        <Button type="primary" htmlType="submit" block loading={busy}>
          {isFirst ? 'Make the account and sign in' : 'Sign in'}
        </Button>
      </Form>
    </Modal>
  );
};
