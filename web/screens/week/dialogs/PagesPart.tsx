import type { DeskPage, Group, Person } from '@kotabi/core/model';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { messageOf, request } from '../../../api/client';
import { useOutside } from '../../../api/outside';
import { AddressRow } from '../../../fields/AddressRow';
import { WhoseSelect } from '../../../fields/WhoseSelect';
import { useMessages } from '../../../shell/messages';
import dialog from './dialogs.module.css';

/** Pages for the people at the desks: one for the group, one for each person, each behind an address of its own. */
export const PagesPart = ({ group, people }: { group: Group; people: readonly Person[] }) => {
  const client = useQueryClient();
  const { message } = useMessages();
  const outside = useOutside();
  const [whose, setWhose] = useState<string | null>(null);
  const key = ['pages', group.id];
  const pages = useQuery({
    queryKey: key,
    queryFn: () => request<DeskPage[]>('GET', `/api/groups/${group.id}/pages`),
  });
  const doing = async (work: () => Promise<unknown>): Promise<void> => {
    try {
      await work();
      await client.invalidateQueries({ queryKey: key });
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  const make = (personId: string | null): Promise<unknown> =>
    request('POST', `/api/groups/${group.id}/pages`, { personId });
  const list = pages.data ?? [];
  const without = people.filter((p) => !list.some((page) => page.personId === p.id));
  const nameOf = ({ personId }: DeskPage): string =>
    personId === null ? `All of ${group.name}` : (people.find((p) => p.id === personId)?.name ?? 'someone');
  return (
    <>
      <h3>Pages for the desks</h3>
      <p className="muted small">
        What was given out, to be followed alone or together, on a phone as well, without an account. A
        person’s page has their own version and says nowhere why. Taken back, it is gone.
      </p>
      {outside.loopback && (
        <p className={dialog.warning} role="note">
          These addresses work on this machine only: nobody else reaches {outside.address}. Set KOTABI_ADDRESS
          to the name under which others reach it.
        </p>
      )}
      <ul className={dialog.pages}>
        {list.map((page) => (
          <li key={page.token}>
            <b>{nameOf(page)}</b>
            <AddressRow
              name={`the page of ${nameOf(page)}`}
              address={`${outside.address}/me/${page.token}`}
              gone="Whoever has it finds nothing any more, also what was kept in their browser."
              takeBack={() => void doing(() => request('DELETE', `/api/pages/${page.token}`))}
            />
          </li>
        ))}
      </ul>
      <div className="bar">
        <WhoseSelect label="Whose page" people={people} value={whose} set={setWhose} />
        <Button onClick={() => void doing(() => make(whose))}>Make a page</Button>
        {without.length > 1 && (
          <Button
            onClick={() =>
              void doing(async () => {
                for (const person of without) await make(person.id);
              })
            }
          >
            One for each of {without.length} people
          </Button>
        )}
      </div>
    </>
  );
};
