import { type Account, type Role, Role as RoleSchema } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import { Button, Popconfirm, Select } from 'antd';
import { Plus } from 'lucide-react';
import { Suspense, useState } from 'react';
import { messageOf, request } from '../../api/client';
import { queryClient, useMe } from '../../api/queries';
import { later } from '../../later/later';
import { useMessages } from '../../shell/messages';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { moment } from '../data/words';
import styles from './accounts.module.css';
import { madePassword, ROLE_WORDS } from './words';

const NewAccountDialog = later(async () => (await import('./NewAccountDialog')).NewAccountDialog);
const roleOptions = RoleSchema.options.map((value) => ({ value, label: ROLE_WORDS[value] }));

/** Who may sign in, and what they may do. */
export const AccountsScreen = () => {
  useTitle('Accounts');
  const me = useMe();
  const accounts = useQuery({
    queryKey: ['accounts'],
    queryFn: () => request<Account[]>('GET', '/api/accounts'),
  });
  const [adding, setAdding] = useState(false);
  const [given, setGiven] = useState<{ name: string; password: string } | null>(null);
  const { message } = useMessages();
  if (!accounts.data || !me.data)
    return <Waiting error={accounts.error ?? me.error} retry={() => void accounts.refetch()} />;
  const list = accounts.data;
  const change = async (account: Account, changes: object): Promise<boolean> => {
    try {
      await request('PUT', `/api/accounts/${account.id}`, changes);
      return true;
    } catch (error) {
      message.error(messageOf(error), 6);
      return false;
    } finally {
      await queryClient.invalidateQueries({ queryKey: ['accounts'] });
    }
  };
  const renew = async (account: Account): Promise<void> => {
    const password = madePassword();
    if (await change(account, { password })) setGiven({ name: account.name, password });
  };
  const add = (
    <Button type="primary" icon={<Plus size={16} />} onClick={() => setAdding(true)}>
      {list.length === 0 ? 'Make the first account' : 'New account'}
    </Button>
  );
  return (
    <div className="page">
      <div className="bar">
        <h1>Accounts</h1>
        <span className="grow" />
        {list.length > 0 && add}
      </div>
      {given && (
        <p className={`card ${styles.given}`} role="status">
          {given.name} is signed out everywhere and signs in with <code>{given.password}</code> from now on.
          It is shown this once; they should change it under “You”.
          <Button size="small" type="text" onClick={() => setGiven(null)}>
            Noted
          </Button>
        </p>
      )}
      {list.length === 0 ? (
        <Empty title="Nobody has to sign in" action={add}>
          This Kotabi can only be reached from this machine, and whoever sits at it may do everything. Once
          there is an account, everybody signs in, each with groups, breaks and moves of their own; all that
          is here already belongs to the first one. Others in the office can reach Kotabi then as well:
          docs/running.md says how.
        </Empty>
      ) : (
        <section className={`card ${styles.list}`}>
          <table className="list" aria-label="Accounts">
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">What they do here</th>
                <th scope="col">Since</th>
                <td />
              </tr>
            </thead>
            <tbody>
              {list.map((account) => (
                <tr key={account.id} className={account.closedAt ? styles.closed : ''}>
                  <td>
                    <b>{account.name}</b>
                    {account.id === me.data.account?.id && <span className="muted"> (you)</span>}
                  </td>
                  <td>
                    <Select<Role[]>
                      mode="multiple"
                      className={styles.roles}
                      aria-label={`What ${account.name} does`}
                      value={account.roles}
                      options={roleOptions}
                      onChange={(roles) => roles.length > 0 && void change(account, { roles })}
                    />
                  </td>
                  <td className="muted">
                    {account.closedAt ? `closed ${moment(account.closedAt)}` : moment(account.createdAt)}
                  </td>
                  <td className={styles.actions}>
                    <Popconfirm
                      title={`A new password for ${account.name}?`}
                      description="The one they have stops working, and they are signed out everywhere."
                      okText="Make one"
                      onConfirm={() => void renew(account)}
                    >
                      <Button size="small">New password</Button>
                    </Popconfirm>
                    {account.closedAt ? (
                      <Button size="small" onClick={() => void change(account, { closed: false })}>
                        Open again
                      </Button>
                    ) : (
                      <Popconfirm
                        title={`Close the account of ${account.name}?`}
                        description="They are out at once. What they made stays, and the account can be opened again."
                        okText="Close it"
                        onConfirm={() => void change(account, { closed: true })}
                      >
                        <Button size="small" type="text">
                          Close
                        </Button>
                      </Popconfirm>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <Suspense>
        {adding && <NewAccountDialog isFirst={list.length === 0} onClose={() => setAdding(false)} />}
      </Suspense>
    </div>
  );
};
