import { Button, Form, Input } from 'antd';
import { LogOut } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { forgetAll } from '../../access/whose';
import { ApiFailure, messageOf, request } from '../../api/client';
import { useMe } from '../../api/queries';
import { sessionsWaiting } from '../../api/sessions-outbox';
import { useMessages } from '../../shell/messages';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { ROLE_WORDS } from '../accounts/words';
import styles from './account.module.css';

interface Values {
  old: string;
  password: string;
}

/** One's own account: what one may do, the password, and the way out. */
export const AccountScreen = () => {
  useTitle('You');
  const me = useMe();
  if (!me.data) return <Waiting error={me.error} retry={() => void me.refetch()} />;
  const { account } = me.data;
  if (!account)
    return (
      <div className="page">
        <Empty title="Nobody signs in here" action={<Link to="/accounts">About accounts</Link>}>
          This Kotabi can only be reached from this machine, and whoever sits at it may do everything.
        </Empty>
      </div>
    );
  return (
    <div className="page">
      <div className="bar">
        <h1>{account.name}</h1>
        <span className="muted">{account.roles.map((role) => ROLE_WORDS[role]).join(', ')}</span>
      </div>
      <div className={styles.columns}>
        <PasswordForm />
        <SignOut />
      </div>
    </div>
  );
};

const PasswordForm = () => {
  const [form] = Form.useForm<Values>();
  const [busy, setBusy] = useState(false);
  const { message } = useMessages();
  const change = async (values: Values): Promise<void> => {
    setBusy(true);
    try {
      await request('PUT', '/api/password', values);
      form.resetFields();
      message.success('The password is changed. Everywhere else you are signed out.');
    } catch (error) {
      const field = error instanceof ApiFailure && error.error.fields[0]?.path === 'old' ? 'old' : null;
      if (field) form.setFields([{ name: field, errors: [messageOf(error)] }]);
      else message.error(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className={`card ${styles.part}`} aria-label="Password">
      <h2>Password</h2>
      <Form form={form} layout="vertical" requiredMark={false} onFinish={(v) => void change(v)}>
        <Form.Item
          name="old"
          label="The one you have"
          rules={[{ required: true, message: 'The one you have now.' }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="password"
          label="The new one"
          extra="At least 10 characters: four words are easy to keep in mind."
          rules={[{ required: true, min: 10, message: 'At least 10 characters.' }]}
        >
          <Input.Password autoComplete="new-password" maxLength={200} />
        </Form.Item>
        <Button htmlType="submit" type="primary" loading={busy}>
          Change it
        </Button>
      </Form>
    </section>
  );
};

const SignOut = () => {
  const { message, tell } = useMessages();
  const out = async (everywhere: boolean): Promise<void> => {
    try {
      await request('POST', '/api/sign-out', { everywhere });
      // Nothing of what was worked on stays behind for whoever comes next.
      forgetAll();
      location.assign('/');
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  const ask = (everywhere: boolean): void => {
    const waiting = sessionsWaiting();
    if (waiting === 0) return void out(everywhere);
    tell({
      title: 'Not yet',
      content: `${waiting} record${waiting === 1 ? '' : 's'} of led breaks wait${waiting === 1 ? 's' : ''} in this browser to be sent. Open the log first; then nothing is lost.`,
    });
  };
  return (
    <section className={`card ${styles.part}`} aria-label="Signing out">
      <h2>Signing out</h2>
      <p className="muted">
        A sign-in that is not used for two weeks ends by itself. On a machine that others use, sign out when
        you go: copies of what you were writing are taken out of this browser with it.
      </p>
      <div className="bar">
        <Button icon={<LogOut size={16} />} onClick={() => ask(false)}>
          Sign out here
        </Button>
        <Button onClick={() => ask(true)}>Sign out everywhere</Button>
      </div>
    </section>
  );
};
