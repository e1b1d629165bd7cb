import { Area, fieldProblems, type Group, Limit, Person, SIDED_LIMITS, type Side } from '@kotabi/core/model';
import { Checkbox, Form, Input, type InputRef, Modal, TimePicker } from 'antd';
import { useRef } from 'react';
import { messageOf } from '../../api/client';
import { usePut } from '../../api/queries';
import { MultiSelect } from '../../fields/MultiSelect';
import { useMessages } from '../../shell/messages';
import { nightFrom, type Range, toInterval, toRange } from './hours';
import styles from './people.module.css';
import { DAY_NAMES, limitText } from './words';

type SideOrBoth = Side | 'both';
const SIDES: SideOrBoth[] = ['left', 'right', 'both'];
/** Areas that can be tight; the breath is none. */
const AREAS = Area.options.filter((a) => a !== 'breath');

interface Values {
  name: string;
  note: string;
  tight: string[];
  limits: string[];
  consent: boolean;
  /** Days and hours of their own. */
  ownHours: boolean;
  workDays: number[];
  workHours: Range;
  workLunch: Range;
}

const tightOptions = AREAS.flatMap((area) =>
  SIDES.map((side) => ({ value: `${side}|${area}`, label: side === 'both' ? area : `${side} ${area}` })),
);
const limitOptions = Limit.options.flatMap((limit) =>
  (SIDED_LIMITS.includes(limit) ? SIDES : [undefined]).map((side) => ({
    value: `${side ?? ''}|${limit}`,
    label: limitText({ limit, side }),
  })),
);

/** The fields of the form in which what is wrong with the hours is said. */
const FIELDS: Record<string, keyof Values> = {
  'work.days': 'workDays',
  'work.hours': 'workHours',
  'work.lunch': 'workLunch',
};

/** One person, with as little as is needed and with their consent. */
export const PersonDialog = ({
  group,
  value,
  version,
  close,
}: {
  group: Group;
  value: Person;
  version: number;
  close: () => void;
}) => {
  const [form] = Form.useForm<Values>();
  const name = useRef<InputRef>(null);
  const put = usePut<Person>('people');
  const { message } = useMessages();
  const ownHours = Form.useWatch('ownHours', form);
  const save = ({ ownHours: own, workDays, workHours, workLunch, ...v }: Values): void => {
    const hours = toInterval(workHours);
    const { work: _, ...rest } = value;
    const input = {
      ...rest,
      ...v,
      ...(own && { work: { days: workDays, hours, lunch: toInterval(workLunch, nightFrom(hours)) } }),
      tight: v.tight.map((t) => {
        const [side, area] = t.split('|');
        return { side, area };
      }),
      limits: v.limits.map((l) => {
        const [side, limit] = l.split('|');
        return { limit, ...(side && { side }) };
      }),
    };
    const parsed = Person.safeParse(input);
    if (!parsed.success) {
      form.setFields(
        fieldProblems(parsed.error, input).map(({ path, message: errors }) => ({
          name: FIELDS[path.split('.').slice(0, 2).join('.')] ?? (path.split('.')[0] as keyof Values),
          errors: [errors],
        })),
      );
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
      afterOpenChange={(shown) => shown && name.current?.focus()}
    >
      <Form
        name="person"
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{
          ...value,
          tight: value.tight.map((t) => `${t.side}|${t.area}`),
          limits: value.limits.map((l) => `${l.side ?? ''}|${l.limit}`),
          ownHours: value.work !== undefined,
          workDays: (value.work ?? group).days,
          workHours: toRange((value.work ?? group).hours),
          workLunch: toRange((value.work ?? group).lunch),
        }}
        onFinish={save}
      >
        <Form.Item
          name="name"
          label="Name or initials"
          rules={[
            { required: true, whitespace: true, message: 'A name or initials, so that you know who it is.' },
          ]}
        >
          <Input ref={name} maxLength={60} />
        </Form.Item>
        <Form.Item name="tight" label="Feels tight">
          <MultiSelect options={tightOptions} placeholder="area and side" optionFilterProp="label" />
        </Form.Item>
        <Form.Item name="limits" label="Careful with, as they say themselves">
          <MultiSelect options={limitOptions} placeholder="what to ease or avoid" optionFilterProp="label" />
        </Form.Item>
        <Form.Item name="note" label="Note">
          <Input.TextArea rows={2} maxLength={300} />
        </Form.Item>
        <Form.Item name="ownHours" valuePropName="checked" style={{ marginBottom: 10 }}>
          <Checkbox>Works other days or hours than the group</Checkbox>
        </Form.Item>
        {ownHours && (
          <div className={styles.ownHours}>
            <Form.Item
              name="workDays"
              label="Days"
              rules={[{ required: true, message: 'Choose at least one day.' }]}
            >
              <MultiSelect
                maxTagCount="responsive"
                options={DAY_NAMES.map((label, i) => ({ value: i + 1, label }))}
              />
            </Form.Item>
            {(
              [
                ['workHours', 'Hours'],
                ['workLunch', 'Lunch'],
              ] as const
            ).map(([field, label]) => (
              <Form.Item
                key={field}
                name={field}
                label={label}
                rules={field === 'workHours' ? [{ required: true, message: 'When do they work?' }] : []}
              >
                <TimePicker.RangePicker
                  order={false}
                  format="HH:mm"
                  minuteStep={5}
                  style={{ width: '100%' }}
                  needConfirm={false}
                  allowClear={field === 'workLunch'}
                />
              </Form.Item>
            ))}
          </div>
        )}
        <Form.Item name="consent" valuePropName="checked" style={{ marginBottom: 10 }}>
          <Checkbox>They have agreed that this is kept</Checkbox>
        </Form.Item>
        <p className="muted small">
          No diagnoses. Whoever has an injury, a recent operation or a known condition asks a doctor or
          physiotherapist first; Kotabi only eases or leaves out.
        </p>
      </Form>
    </Modal>
  );
};
