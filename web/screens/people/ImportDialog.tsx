import {
  guessColumns,
  PEOPLE_COLUMNS,
  type PeopleColumn,
  type Table as PeopleTable,
  type ReadRow,
  readTable,
  rowsToPeople,
} from '@kotabi/core/formats';
import type { Group } from '@kotabi/core/model';
import { useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Modal, Select, Table } from 'antd';
import { FileUp } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useMemo, useRef, useState } from 'react';
import { messageOf, request } from '../../api/client';
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
  const bad = rows.filter((r) => !r.ok);
  const read = async (chosen: File): Promise<void> => {
    const result = readTable(await chosen.text());
    if (!result.ok) {
      setFile(null);
      setError(`${chosen.name}: ${result.message} Nothing was taken in.`);
      return;
    }
    setError(null);
    setFile({ name: chosen.name, table: result.table });
    setColumns(guessColumns(result.table.head));
  };
  const keep = async (): Promise<void> => {
    setBusy(true);
    try {
      const people = rows.flatMap((r) => (r.ok ? [r.person] : []));
      await request('POST', `/api/groups/${group.id}/people`, { people });
      await client.invalidateQueries({ queryKey: ['people'] });
      message.success(`${people.length} people came in.`);
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
      okText={rows.length > 0 ? `Keep ${rows.length} people` : 'Keep'}
      okButtonProps={{ disabled: rows.length === 0 || bad.length > 0, loading: busy }}
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
          {bad.length > 0 && (
            <Alert
              type="error"
              showIcon
              title={`${bad.length} of ${rows.length} lines cannot be read. Mend them in the table and choose it again; nothing is taken in until all are right.`}
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
                    </>
                  ) : (
                    <ul className={styles.problems}>
                      {r.problems.map((p) => (
                        <li key={p.column + p.message}>
                          <b>{LABEL[p.column]}</b> {p.value && !p.message.startsWith('“') && `“${p.value}” `}
                          {p.message}
                        </li>
                      ))}
                    </ul>
                  ),
              },
            ]}
          />
        </>
      )}
    </Modal>
  );
};
