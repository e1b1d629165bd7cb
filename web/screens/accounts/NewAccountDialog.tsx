import { type Account, NewAccount, Role } from '@kotabi/core/model';
import { Checkbox, Form, Input, type InputRef, Modal } from 'antd';
import { useRef, useState } from 'react';
import { ApiFailure, messageOf, request } from '../../api/client';
import { queryClient } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import { madePassword, ROLE_WORDS } from './words';

/** A new account with its first password. After the very first one, everybody signs in. */
export const NewAccountDialog = ({ isFirst, onClose }: { isFirst: boolean; onClose: () => void }) => {
  const [form] = Form.useForm<NewAccount>();
  const [busy, setBusy] = useState(false);
  const name = useRef<InputRef>(null);
  const { message } = useMessages();
  const make = async (values: NewAccount): Promise<void> => {
    setBusy(true);
    try {
      const account = await request<Account>('POST', '/api/accounts', NewAccount.parse({ ...values }));
      onClose();
      message.success(`${account.name} can sign in now.`);
      // From here on everything asks who one is.
      await queryClient.invalidateQueries();
    } catch (error) {
      const field = error instanceof ApiFailure ? error.error.fields[0]?.path : undefined;
      if (field === 'name') form.setFields([{ name: 'name', errors: [messageOf(error)] }]);
      else message.error(messageOf(error));
      setBusy(false);
    }
  };
  return (
    <Modal
      open
      title={isFirst ? 'The first account' : 'New account'}
      okText="Make it"
      confirmLoading={busy}
      onOk={form.submit}
      onCancel={onClose}
      afterOpenChange={(shown) => shown && name.current?.focus()}
    >
      <Form<NewAccount>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{
          roles: isFirst ? Role.options : ['instructor'],
          password: isFirst ? '' : madePassword(),
        }}
        onFinish={(values) => void make(values)}
      >
        <Form.Item
          name="name"
          label="Name"
          rules={[{ required: true, whitespace: true, message: 'A name to sign in with.' }]}
        >
          <Input ref={name} maxLength={40} autoComplete="off" />
        </Form.Item>
        <Form.Item
          name="password"
          label="Password"
          extra={
            isFirst
              ? 'At least 10 characters: four words are easy to keep in mind. A forgotten one is renewed on this machine’s terminal: npm start -- --account "your name".'
              : 'Made for them, or type one. Tell them in person; they should change it under “You”.'
          }
          rules={[{ required: true, min: 10, message: 'At least 10 characters.' }]}
        >
          {isFirst ? (
            <Input.Password autoComplete="new-password" maxLength={200} />
          ) : (
            <Input maxLength={200} autoComplete="off" />
          )}
        </Form.Item>
        <Form.Item
          name="roles"
          label="What they do here"
          extra={
            isFirst
              ? 'The first one does both.'
              : 'Whoever only looks after accounts sees no people and none of their limits.'
          }
          rules={[{ required: true, type: 'array', min: 1, message: 'At least one of the two.' }]}
        >
          <Checkbox.Group
            disabled={isFirst}
            options={Role.options.map((value) => ({ value, label: ROLE_WORDS[value] }))}
          />
        </Form.Item>
      </Form>
    </Modal>
  );
};
