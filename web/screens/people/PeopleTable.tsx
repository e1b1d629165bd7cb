import type { Group, Person } from '@kotabi/core/model';
import { Button } from 'antd';
import { Download, FileDown, FileUp, Pencil, Plus, Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Suspense, useState } from 'react';
import { messageOf } from '../../api/client';
import { usePeople } from '../../api/queries';
import { later } from '../../later/later';
import { Tinted } from '../../words/Tinted';
import styles from './people.module.css';
import { limitText } from './people-words';

const ImportDialog = later(async () => (await import('./ImportDialog')).ImportDialog);
const DeleteDialog = later(async () => (await import('./DeleteDialog')).DeleteDialog);
const PersonDialog = later(async () => (await import('./PersonDialog')).PersonDialog);

const NONE = <span className="muted">–</span>;

const tightText = ({ tight }: Person): string =>
  tight.map((t) => (t.side === 'both' ? `${t.area}` : `${t.side} ${t.area}`)).join(', ');

/** The people of a group, with as little as is needed. */
export const PeopleTable = ({ group }: { group: Group }) => {
  const people = usePeople(group.id);
  const [open, setOpen] = useState<{ value: Person; version: number } | null>(null);
  const [importing, setImporting] = useState(false);
  const [leaving, setLeaving] = useState<Person | null>(null);
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
                measuring: false,
              },
            })
          }
        >
          Add a person
        </Button>
      </div>
      <p className="muted small" style={{ marginBottom: 8 }}>
        A first name or initials is enough. Write down only what you need to lead well, and only with their
        consent. It is kept sealed, and never leaves Kotabi by itself.
      </p>
      {people.error ? (
        <p>{messageOf(people.error)}</p>
      ) : (
        <table className="list">
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">Feels tight</th>
              <th scope="col">Careful with</th>
              <th scope="col">Note</th>
              <td aria-hidden="true" />
            </tr>
          </thead>
          <tbody>
            {people.data?.map(({ value, version }) => (
              <tr key={value.id}>
                <td>
                  <b>{value.name}</b>
                </td>
                <td>{value.tight.length > 0 ? <Tinted text={tightText(value)} /> : NONE}</td>
                <td>
                  {value.limits.length > 0
                    ? value.limits.map((l) => (
                        <span key={`${l.limit}${l.side}`} className={styles.limit}>
                          {limitText(l)}
                        </span>
                      ))
                    : NONE}
                </td>
                <td>{value.note || NONE}</td>
                <td className={styles.rowActions}>
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
                  <Button
                    type="text"
                    size="small"
                    aria-label={`Delete ${value.name}`}
                    icon={<Trash2 size={15} />}
                    onClick={() => setLeaving(value)}
                  />
                </td>
              </tr>
            ))}
            {people.data?.length === 0 && (
              <tr>
                <td colSpan={5} className="muted">
                  Nobody yet. Breaks and weeks work without names, too.
                </td>
              </tr>
            )}
          </tbody>
        </table>
      )}
      <Suspense>
        {leaving && <DeleteDialog person={leaving} close={() => setLeaving(null)} />}
        {importing && <ImportDialog group={group} close={() => setImporting(false)} />}
        {open && <PersonDialog key={open.value.id} group={group} {...open} close={() => setOpen(null)} />}
      </Suspense>
    </section>
  );
};
