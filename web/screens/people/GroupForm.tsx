import { Group, type Kept, Thing } from '@kotabi/core/model';
import { Button, Checkbox, Form, Input, Popconfirm, Select, TimePicker } from 'antd';
import { messageOf, request } from '../../api/client';
import { useApproach, useDelete } from '../../api/queries';
import { Conflict } from '../../document/Conflict';
import type { Document } from '../../document/document';
import type { DocumentKind } from '../../document/useDocument';
import { useFormDocument, useKeptForm } from '../../document/useKeptForm';
import { MultiSelect } from '../../fields/MultiSelect';
import { LeaveGuard } from '../../shell/LeaveGuard';
import { useMessages } from '../../shell/messages';
import { useGoOn } from '../../shell/useGoOn';
import { DaysOff } from './DaysOff';
import { nightFrom, type Range, toInterval, toRange } from './hours';
import styles from './people.module.css';
import { DAY_NAMES } from './people-words';
import { StandingTimes } from './StandingTimes';

interface Values {
  name: string;
  site: string;
  timeZone: string;
  days: number[];
  hours: Range;
  lunch: Range;
  meets: Group['meets'];
  seats: (keyof Group['seats'])[];
  things: Group['things'];
  room: Group['room'];
  camera: Group['camera'];
  hopes: string;
  schoolId?: string;
  daysOff: Group['daysOff'];
  standing: Group['standing'];
}

const toValues = (g: Group): Values => ({
  ...g,
  hours: toRange(g.hours),
  lunch: toRange(g.lunch),
  seats: (Object.keys(g.seats) as (keyof Group['seats'])[]).filter((k) => g.seats[k]),
});
const toGroup = (group: Group, v: Values): unknown => ({
  ...group,
  ...v,
  hours: toInterval(v.hours),
  lunch: toInterval(v.lunch, nightFrom(toInterval(v.hours))),
  seats: {
    castors: v.seats.includes('castors'),
    arms: v.seats.includes('arms'),
    highBack: v.seats.includes('highBack'),
  },
});

const zones = Intl.supportedValuesOf('timeZone').map((value) => ({
  value,
  label: value.replaceAll('_', ' '),
}));

/** Groups are kept when told to. What was typed is taken back even when it cannot be kept as it is. */
const groupKind: DocumentKind<Group> = {
  name: 'groups',
  read: (value) => {
    const group = value as Group;
    toValues(group);
    return group;
  },
  called: ({ name }) => `“${name}”`,
  byItself: false,
};

/** One group: when and where they work and what their room offers. */
export const GroupForm = (kept: { value: Group; version: number }) => {
  const document = useFormDocument(groupKind, kept);
  return document && <OpenForm document={document} />;
};

const OpenForm = ({ document }: { document: Document<Group> }) => {
  const [form] = Form.useForm<Values>();
  const kept = useKeptForm(document, groupKind);
  const { value } = document.getState();
  const del = useDelete('groups');
  const goOn = useGoOn();
  const { message } = useMessages();
  const schools = useApproach().data?.value.schools ?? [];

  const save = async (values: Values): Promise<void> => {
    const parsed = Group.safeParse(toGroup(value, values));
    if (!parsed.success) {
      form.setFields(
        parsed.error.issues.map((issue) => ({
          name: issue.path[0] as keyof Values,
          errors: [issue.path[1] === 'endMin' ? 'The end must be later than the start.' : issue.message],
        })),
      );
      return;
    }
    if (await kept.keep(parsed.data)) message.success(`“${parsed.data.name}” is kept.`);
  };

  return (
    <section className={`card ${styles.form}`} aria-label="Group">
      <LeaveGuard
        when={kept.changed}
        what="Your changes of this group have not been kept yet."
        onLeave={kept.giveUp}
      />
      {kept.conflict && (
        <Conflict
          open
          document={document}
          what="group"
          theirs={() => request<Kept<Group>>('GET', `/api/groups/${value.id}`)}
          chosen={(which) => {
            if (which === 'mine') void save(form.getFieldsValue(true));
            else form.setFieldsValue(toValues(document.getState().value));
          }}
        />
      )}
      <Form
        name="group"
        form={form}
        layout="vertical"
        initialValues={toValues(value)}
        onFinish={save}
        onValuesChange={() => kept.typed(toGroup(value, form.getFieldsValue(true)))}
        requiredMark={false}
        onKeyDown={(e) => {
          // Enter in a time field takes the time over; it does not send the form off half filled in.
          if (e.key === 'Enter' && e.target instanceof Element && e.target.closest('.ant-picker'))
            e.preventDefault();
        }}
      >
        <div className={styles.grid}>
          <Form.Item
            name="name"
            label="Name"
            rules={[{ required: true, whitespace: true, message: 'A group needs a name.' }]}
          >
            <Input maxLength={80} />
          </Form.Item>
          <Form.Item name="site" label="Where they sit">
            <Input maxLength={120} placeholder="room, floor, or at home" />
          </Form.Item>
          <Form.Item
            name="days"
            label="Days"
            rules={[{ required: true, message: 'Choose at least one day.' }]}
          >
            <MultiSelect
              maxTagCount="responsive"
              // Short, so that a whole working week can be read at once.
              options={DAY_NAMES.map((name, i) => ({ value: i + 1, label: name.slice(0, 3) }))}
            />
          </Form.Item>
          <Form.Item name="timeZone" label="Time zone">
            <Select showSearch={{ optionFilterProp: 'label' }} options={zones} />
          </Form.Item>
          <Form.Item
            name="hours"
            label="Working hours"
            rules={[{ required: true, message: 'When do they work?' }]}
          >
            <TimePicker.RangePicker
              order={false}
              format="HH:mm"
              minuteStep={5}
              style={{ width: '100%' }}
              needConfirm={false}
            />
          </Form.Item>
          <Form.Item name="lunch" label="Lunch (empty when there is none)">
            <TimePicker.RangePicker
              order={false}
              format="HH:mm"
              minuteStep={5}
              style={{ width: '100%' }}
              needConfirm={false}
            />
          </Form.Item>
          <Form.Item name="meets" label="Led">
            <Select options={Group.shape.meets.unwrap().options.map((o) => ({ value: o, label: o }))} />
          </Form.Item>
          <Form.Item name="things" label="Things at hand">
            <MultiSelect
              maxTagCount="responsive"
              options={Thing.options.map((t) => ({ value: t, label: t }))}
            />
          </Form.Item>
        </div>
        <div className={styles.grid}>
          <Form.Item name="room" label="Room round each seat">
            <Select
              options={[
                { value: 'enough', label: 'enough to stretch the arms out' },
                { value: 'little', label: 'little: arms stay close' },
              ]}
            />
          </Form.Item>
          <Form.Item name="camera" label="Camera, when led remotely">
            <Select options={Group.shape.camera.unwrap().options.map((o) => ({ value: o, label: o }))} />
          </Form.Item>
          <Form.Item name="seats" label="Their chairs">
            <Checkbox.Group
              options={[
                { value: 'castors', label: 'roll on castors' },
                { value: 'arms', label: 'have arms' },
                { value: 'highBack', label: 'have a high back' },
              ]}
            />
          </Form.Item>
          {schools.length > 0 && (
            <Form.Item name="schoolId" label="School their breaks are begun in">
              <Select
                allowClear
                placeholder="my own approach"
                options={schools.map((s) => ({ value: s.id, label: s.name }))}
              />
            </Form.Item>
          )}
          <Form.Item name="hopes" label="What they hope for">
            <Input maxLength={400} placeholder="a stiff neck by noon, wrists after typing …" />
          </Form.Item>
        </div>
        <Form.Item name="daysOff" label="Days off and public holidays">
          <DaysOff />
        </Form.Item>
        {value.standing.length > 0 && (
          <Form.Item name="standing" label="Every week">
            <StandingTimes />
          </Form.Item>
        )}
        <div className="bar">
          <Button
            type="primary"
            htmlType="submit"
            disabled={!kept.changed && !kept.isNew}
            loading={kept.busy}
          >
            {kept.isNew ? 'Keep this group' : 'Keep changes'}
          </Button>
          <span className="grow" />
          {!kept.isNew && (
            <Popconfirm
              title="Delete this group, its people and its weeks?"
              description="Its breaks and the log stay."
              okText="Delete"
              onConfirm={() =>
                del.mutate(value.id, {
                  onSuccess: () => {
                    kept.gone();
                    goOn('/people');
                  },
                  onError: (error) => message.error(messageOf(error)),
                })
              }
            >
              <Button type="text" danger>
                Delete group
              </Button>
            </Popconfirm>
          )}
        </div>
      </Form>
    </section>
  );
};
