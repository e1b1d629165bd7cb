import {
  guessColumns,
  PEOPLE_COLUMNS,
  type PeopleColumn,
  type Table as PeopleTable,
  peopleTemplate,
  type ReadRow,
  readTable,
  rowsToPeople,
  unreadHealth,
  withCell,
} from '@kotabi/core/formats';
import type { Group } from '@kotabi/core/model';
import { useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Checkbox, Input, Modal, Select, Table } from 'antd';
import { FileDown, FileUp } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useMemo, useRef, useState } from 'react';
import { messageOf, request } from '../../api/client';
import { usePeople } from '../../api/queries';
import { readText } from '../../fields/readText';
import { useMessages } from '../../shell/messages';
import styles from './people.module.css';
import { limitText } from './people-words';

const LABEL: Record<PeopleColumn, string> = {
  name: 'Name',
  tight: 'Feels tight',
  limits: 'Careful with',
  note: 'Note',
  consent: 'Consent',
};

/** Names are compared as people would: without regard to capitals and blanks around them. */
const sameName = (name: string): string => name.trim().toLowerCase();

/** Brings people in from a table: seen before it is kept, and kept whole or not at all. */
export const ImportDialog = ({ group, close }: { group: Group; close: () => void }) => {
  const field = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<{ name: string; table: PeopleTable } | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [columns, setColumns] = useState<Partial<Record<PeopleColumn, number>>>({});
  const [busy, setBusy] = useState(false);
  const { message } = useMessages();
  const client = useQueryClient();
  const rows = useMemo(
    () => (file ? rowsToPeople(file.table, columns, group.id, () => nanoid()) : []),
    [file, columns, group.id],
  );
  const people = usePeople(group.id);
  const here = new Set(people.data?.map(({ value }) => sameName(value.name)));
  const isHere = (r: ReadRow): boolean => r.ok && here.has(sameName(r.person.name));
  const [again, setAgain] = useState(false);
  /** Columns of which somebody has said that nothing is to be read from them. */
  const [aside, setAside] = useState<ReadonlySet<number>>(new Set());
  const unread = file ? unreadHealth(file.table, columns).filter((at) => !aside.has(at)) : [];
  const bad = rows.filter((r) => !r.ok);
  const known = rows.filter(isHere);
  const coming = rows.filter((r) => again || !isHere(r));
  const read = async (chosen: File): Promise<void> => {
    const result = readTable(await readText(chosen));
    if (!result.ok) {
      setFile(null);
      setError(`${chosen.name}: ${result.message} Nothing was taken in.`);
      return;
    }
    setError(null);
    setFile({ name: chosen.name, table: result.table });
    setColumns(guessColumns(result.table.head));
    setAside(new Set());
  };
  const keep = async (): Promise<void> => {
    setBusy(true);
    try {
      const list = coming.flatMap((r) => (r.ok ? [r.person] : []));
      await request('POST', `/api/groups/${group.id}/people`, { people: list });
      await client.invalidateQueries({ queryKey: ['people'] });
      message.success(`${list.length} ${list.length === 1 ? 'person' : 'people'} came in.`);
      close();
    } catch (failure) {
      setError(`${messageOf(failure)} Nothing was taken in.`);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal
      open
      width={860}
      title={`Bring people into ${group.name}`}
      okText={
        coming.length > 0 ? `Keep ${coming.length} ${coming.length === 1 ? 'person' : 'people'}` : 'Keep'
      }
      okButtonProps={{
        disabled: coming.length === 0 || bad.length > 0 || unread.length > 0,
        loading: busy,
      }}
      onOk={() => void keep()}
      onCancel={close}
    >
      <p className="muted small">
        A table saved as CSV: one line a person, the first line names the columns. Several areas or limits in
        a cell are parted by a semicolon: neck right; forearm.
      </p>
      <input
        ref={field}
        type="file"
        accept=".csv,text/csv,text/plain"
        aria-label="Table of people"
        style={{ display: 'none' }}
        onChange={(e) => {
          const [chosen] = e.target.files ?? [];
          e.target.value = '';
          if (chosen) void read(chosen);
        }}
      />
      <div className="bar" style={{ margin: '10px 0' }}>
        <Button icon={<FileUp size={15} />} onClick={() => field.current?.click()}>
          Choose a table
        </Button>
        {file && <span>{file.name}</span>}
        <span className="grow" />
        <a href={`data:text/csv;charset=utf-8,${encodeURIComponent(peopleTemplate())}`} download="people.csv">
          <Button type="text" icon={<FileDown size={15} />} tabIndex={-1}>
            A table to fill in
          </Button>
        </a>
      </div>
      {error && <Alert type="error" showIcon title={error} style={{ marginBottom: 10 }} />}
      {file && (
        <>
          <div className={styles.match}>
            {PEOPLE_COLUMNS.map((column) => (
              <label key={column} htmlFor={`column-${column}`}>
                <span>{LABEL[column]}</span>
                <Select
                  id={`column-${column}`}
                  value={columns[column] ?? -1}
                  options={[
                    { value: -1, label: 'not in the table' },
                    ...file.table.head.map((h, i) => ({ value: i, label: h || `column ${i + 1}` })),
                  ]}
                  onChange={(i) => {
                    const { [column]: _, ...rest } = columns;
                    setColumns(i < 0 ? rest : { ...columns, [column]: i });
                  }}
                />
              </label>
            ))}
          </div>
          {unread.map((at) => (
            <Alert
              key={at}
              type="warning"
              showIcon
              style={{ marginBottom: 8 }}
              title={`The column “${file.table.head[at] || `column ${at + 1}`}” looks as if it said what people have to be careful with, and nothing is read from it. Choose above what it holds, or leave it out on purpose.`}
              action={
                <Button size="small" onClick={() => setAside(new Set([...aside, at]))}>
                  Leave it out
                </Button>
              }
            />
          ))}
          {known.length > 0 && (
            <p style={{ marginBottom: 8 }}>
              {known.length === 1 ? 'One of them is' : `${known.length} of them are`} in the group already, by
              name.{' '}
              <Checkbox checked={again} onChange={(e) => setAgain(e.target.checked)}>
                bring them in once more
              </Checkbox>
            </p>
          )}
          {bad.length > 0 && (
            <Alert
              type="error"
              showIcon
              title={`${bad.length} of ${rows.length} lines cannot be read. Mend them here, or in the table and choose it again; nothing is taken in until all are right.`}
              style={{ marginBottom: 8 }}
            />
          )}
          <Table<ReadRow>
            size="small"
            rowKey="line"
            scroll={{ y: 300 }}
            pagination={false}
            dataSource={rows}
            columns={[
              { title: 'Line', dataIndex: 'line', width: 56 },
              {
                title: 'Read as',
                render: (_, r) =>
                  r.ok ? (
                    <>
                      <b>{r.person.name}</b>
                      {r.person.tight.length > 0 &&
                        ` · tight: ${r.person.tight.map((t) => (t.side === 'both' ? t.area : `${t.side} ${t.area}`)).join(', ')}`}
                      {r.person.limits.length > 0 &&
                        ` · careful with: ${r.person.limits.map(limitText).join(', ')}`}
                      {r.person.note && ` · ${r.person.note}`}
                      {isHere(r) && !again && <span className="muted"> · is here already, left out</span>}
                    </>
                  ) : (
                    <>
                      <b>{r.name || 'without a name'}</b>
                      <ul className={styles.problems}>
                        {r.problems.map((p) => (
                          <li key={p.column + p.message}>
                            <b>{LABEL[p.column]}</b> {p.message}
                          </li>
                        ))}
                      </ul>
                      {[...new Set(r.problems.map((p) => p.column))].map((column) => {
                        const at = columns[column];
                        return (
                          at !== undefined && (
                            <Input
                              key={column}
                              size="small"
                              className={styles.mend}
                              aria-label={`${LABEL[column]} of ${r.name || `line ${r.line}`}`}
                              prefix={<span className="muted">{LABEL[column]}</span>}
                              defaultValue={file.table.rows[r.line - 2]?.[at] ?? ''}
                              onPressEnter={(e) => e.currentTarget.blur()}
                              onBlur={(e) =>
                                setFile({
                                  ...file,
                                  table: withCell(file.table, r.line, at, e.target.value.trim()),
                                })
                              }
                            />
                          )
                        );
                      })}
                    </>
                  ),
              },
            ]}
          />
        </>
      )}
    </Modal>
  );
};
