import type { Group, Kept, Person } from '@kotabi/core/model';
import { App, Button, Popconfirm, Table, Tag } from 'antd';
import { Download, FileDown, FileUp, Pencil, Plus, Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { messageOf } from '../../api/client';
import { useDelete, usePeople } from '../../api/queries';
import { Tinted } from '../break/inspector/Tinted';
import { ImportDialog } from './ImportDialog';
import { PersonDialog } from './PersonDialog';
import styles from './people.module.css';
import { limitText } from './words';

const tightText = ({ tight }: Person): string =>
  tight.map((t) => (t.side === 'both' ? `${t.area}` : `${t.side} ${t.area}`)).join(', ');

/** The people of a group, with as little as is needed. */
export const PeopleTable = ({ group }: { group: Group }) => {
  const people = usePeople(group.id);
  const del = useDelete('people');
  const [open, setOpen] = useState<{ value: Person; version: number } | null>(null);
  const [importing, setImporting] = useState(false);
  const { message } = App.useApp();
  return (
    <section className={`card ${styles.form}`} aria-label="People">
      <div className="bar" style={{ marginBottom: 8 }}>
        <h2>People in {group.name}</h2>
        <span className="grow" />
        <Button icon={<FileUp size={15} />} onClick={() => setImporting(true)}>
          Bring in a table
        </Button>
        <a href={`/api/groups/${group.id}/people/table`} download>
          <Button icon={<Download size={15} />} tabIndex={-1}>
            Take a table away
          </Button>
        </a>
        <Button
          icon={<Plus size={15} />}
          onClick={() =>
            setOpen({
              version: 0,
              value: {
                id: nanoid(),
                groupId: group.id,
                name: '',
                tight: [],
                limits: [],
                note: '',
                consent: false,
              },
            })
          }
        >
          Add a person
        </Button>
      </div>
      <p className="muted small" style={{ marginBottom: 8 }}>
        A first name or initials is enough. Write down only what you need to lead well, and only with their
        consent; it stays on this computer.
      </p>
      {people.error ? (
        <p>{messageOf(people.error)}</p>
      ) : (
        <Table<Kept<Person>>
          rowKey={(p) => p.value.id}
          size="small"
          loading={people.isLoading}
          pagination={false}
          dataSource={people.data ?? []}
          locale={{ emptyText: 'Nobody yet. Breaks and weeks work without names, too.' }}
          columns={[
            { title: 'Name', width: 120, render: (_, { value }) => <b>{value.name}</b> },
            {
              title: 'Feels tight',
              width: 150,
              render: (_, { value }) =>
                value.tight.length > 0 ? (
                  <Tinted text={tightText(value)} />
                ) : (
                  <span className="muted">–</span>
                ),
            },
            {
              title: 'Careful with',
              render: (_, { value }) =>
                value.limits.length > 0 ? (
                  value.limits.map((l) => (
                    <Tag key={`${l.limit}${l.side}`} style={{ marginBlock: 1 }}>
                      {limitText(l)}
                    </Tag>
                  ))
                ) : (
                  <span className="muted">–</span>
                ),
            },
            { title: 'Note', render: (_, { value }) => value.note || <span className="muted">–</span> },
            {
              width: 118,
              align: 'right',
              render: (_, { value, version }) => (
                <>
                  <Button
                    type="text"
                    size="small"
                    aria-label={`Edit ${value.name}`}
                    icon={<Pencil size={15} />}
                    onClick={() => setOpen({ value, version })}
                  />
                  <a href={`/api/people/${value.id}/kept`} download={`${value.name}.json`}>
                    <Button
                      type="text"
                      size="small"
                      tabIndex={-1}
                      aria-label={`Export what is kept about ${value.name}`}
                      icon={<FileDown size={15} />}
                    />
                  </a>
                  <Popconfirm
                    title={`Delete ${value.name}?`}
                    description="The entry goes, and the name in the notes of the log becomes “(someone)”."
                    okText="Delete"
                    onConfirm={() =>
                      del.mutate(value.id, { onError: (error) => message.error(messageOf(error)) })
                    }
                  >
                    <Button
                      type="text"
                      size="small"
                      aria-label={`Delete ${value.name}`}
                      icon={<Trash2 size={15} />}
                    />
                  </Popconfirm>
                </>
              ),
            },
          ]}
        />
      )}
      {importing && <ImportDialog group={group} close={() => setImporting(false)} />}
      {open && <PersonDialog key={open.value.id} group={group} {...open} close={() => setOpen(null)} />}
    </section>
  );
};
