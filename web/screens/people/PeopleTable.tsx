import { Area, type Group, type Kept, Person, type Side } from '@kotabi/core/model';
import { App, Button, Form, Input, Modal, Popconfirm, Select, Table } from 'antd';
import { Pencil, Plus, Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { messageOf } from '../../api/client';
import { useDelete, usePeople, usePut } from '../../api/queries';
import { Tinted } from '../break/inspector/Tinted';
import styles from './people.module.css';

type SideOrBoth = Side | 'both';
const SIDES: SideOrBoth[] = ['left', 'right', 'both'];
/** Areas that can be tight; the breath is none. */
const AREAS = Area.options.filter((a) => a !== 'breath');

const tightText = ({ tight }: Person): string =>
  tight.map((t) => (t.side === 'both' ? `${t.area}` : `${t.side} ${t.area}`)).join(', ');

/** The people of a group, with as little as is needed. */
export const PeopleTable = ({ group }: { group: Group }) => {
  const people = usePeople(group.id);
  const del = useDelete('people');
  const [open, setOpen] = useState<{ value: Person; version: number } | null>(null);
  const { message } = App.useApp();
  return (
    <section className={`card ${styles.form}`} aria-label="People">
      <div className="bar" style={{ marginBottom: 8 }}>
        <h2>People in {group.name}</h2>
        <span className="muted small">
          A first name or initials is enough. Write down only what you need to lead well.
        </span>
        <span className="grow" />
        <Button
          icon={<Plus size={15} />}
          onClick={() =>
            setOpen({ version: 0, value: { id: nanoid(), groupId: group.id, name: '', tight: [], note: '' } })
          }
        >
          Add a person
        </Button>
      </div>
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
            { title: 'Name', width: 150, render: (_, { value }) => <b>{value.name}</b> },
            {
              title: 'Feels tight',
              width: 220,
              render: (_, { value }) =>
                value.tight.length > 0 ? (
                  <Tinted text={tightText(value)} />
                ) : (
                  <span className="muted">–</span>
                ),
            },
            { title: 'Note', render: (_, { value }) => value.note || <span className="muted">–</span> },
            {
              width: 90,
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
                  <Popconfirm
                    title={`Delete ${value.name}?`}
                    description="Everything kept about this person goes with it."
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
      {open && <PersonDialog key={open.value.id} {...open} close={() => setOpen(null)} />}
    </section>
  );
};

const PersonDialog = ({ value, version, close }: { value: Person; version: number; close: () => void }) => {
  const [form] = Form.useForm<Pick<Person, 'name' | 'note'> & { tight: string[] }>();
  const put = usePut<Person>('people');
  const { message } = App.useApp();
  const options = AREAS.flatMap((area) =>
    SIDES.map((side) => ({ value: `${side}|${area}`, label: side === 'both' ? area : `${side} ${area}` })),
  );
  const save = ({ name, note, tight }: { name: string; note: string; tight: string[] }): void => {
    const parsed = Person.safeParse({
      ...value,
      name,
      note,
      tight: tight.map((t) => {
        const [side, area] = t.split('|');
        return { side, area };
      }),
    });
    if (!parsed.success) {
      message.error(parsed.error.issues[0]?.message ?? 'This cannot be kept.');
      return;
    }
    put.mutate(
      { baseVersion: version, value: parsed.data },
      { onSuccess: close, onError: (error) => message.error(messageOf(error)) },
    );
  };
  return (
    <Modal
      open
      title={version === 0 ? 'Add a person' : value.name}
      okText="Keep"
      confirmLoading={put.isPending}
      onOk={form.submit}
      onCancel={close}
    >
      <Form
        name="person"
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ ...value, tight: value.tight.map((t) => `${t.side}|${t.area}`) }}
        onFinish={save}
      >
        <Form.Item
          name="name"
          label="Name or initials"
          rules={[
            { required: true, whitespace: true, message: 'A name or initials, so that you know who it is.' },
          ]}
        >
          <Input maxLength={60} autoFocus />
        </Form.Item>
        <Form.Item name="tight" label="Feels tight">
          <Select mode="multiple" options={options} placeholder="area and side" optionFilterProp="label" />
        </Form.Item>
        <Form.Item name="note" label="Note">
          <Input.TextArea rows={2} maxLength={300} />
        </Form.Item>
        <p className="muted small">
          No diagnoses. Whoever has an injury, a recent operation or a known condition asks a doctor or
          physiotherapist first.
        </p>
      </Form>
    </Modal>
  );
};
