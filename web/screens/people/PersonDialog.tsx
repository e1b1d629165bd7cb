import {
  Area,
  fieldProblems,
  type Group,
  type Kept,
  Limit,
  Person,
  type PersonLimit,
  SIDED_LIMITS,
  type Side,
} from '@kotabi/core/model';
import { Checkbox, Form, Input, type InputRef, Modal, Select } from 'antd';
import { useMemo, useRef } from 'react';
import { request } from '../../api/client';
import { Conflict } from '../../document/Conflict';
import type { Document } from '../../document/document';
import type { DocumentKind } from '../../document/useDocument';
import { useFormDocument, useKeptForm } from '../../document/useKeptForm';
import { MultiSelect } from '../../fields/MultiSelect';
import { OwnHours, toWork, type WorkValues, workField, workValues } from './OwnHours';
import { limitText } from './people-words';

type SideOrBoth = Side | 'both';
const SIDES: SideOrBoth[] = ['left', 'right', 'both'];
/** Areas that can be tight; the breath is none. */
const AREAS = Area.options.filter((a) => a !== 'breath');

type Values = {
  name: string;
  note: string;
  tight: string[];
  limits: string[];
  /** Which of the limits a doctor has said to leave alone. */
  stopped: string[];
  /** Where a recent surgery was. */
  surgeryAt: Area | undefined;
  consent: boolean;
  mail?: string | undefined;
  measuring: boolean;
  /** Days and hours of their own. */
  ownHours: boolean;
} & WorkValues;

const tightOptions = AREAS.flatMap((area) =>
  SIDES.map((side) => ({ value: `${side}|${area}`, label: side === 'both' ? area : `${side} ${area}` })),
);
const limitOptions = Limit.options.flatMap((limit) =>
  (SIDED_LIMITS.includes(limit) ? SIDES : [undefined]).map((side) => ({
    value: `${side ?? ''}|${limit}`,
    label: limitText({ limit, side }),
  })),
);

const SURGERY: Limit = 'recent surgery';
const keyOf = ({ limit, side }: PersonLimit): string => `${side ?? ''}|${limit}`;

const toValues = (value: Person, group: Group): Values => ({
  ...value,
  tight: value.tight.map((t) => `${t.side}|${t.area}`),
  limits: value.limits.map(keyOf),
  stopped: value.limits.filter((l) => l.stopped).map(keyOf),
  surgeryAt: value.limits.find((l) => l.limit === SURGERY)?.at,
  ownHours: value.work !== undefined,
  ...workValues(value.work ?? group),
});

const toPerson = (
  base: Person,
  { ownHours: own, stopped = [], surgeryAt, mail, ...values }: Values,
): unknown => {
  const { work: _work, mail: _mail, ...rest } = base;
  const {
    workDays: _days,
    workHours: _hours,
    workLunch: _lunch,
    workOther,
    workSecond,
    workFrom,
    ...v
  } = values;
  return {
    ...rest,
    ...v,
    ...(mail?.trim() && { mail: mail.trim() }),
    ...(own && { work: toWork(values) }),
    tight: v.tight.map((t) => {
      const [side, area] = t.split('|');
      return { side, area };
    }),
    limits: v.limits.map((l) => {
      const [side, limit] = l.split('|');
      return {
        limit,
        ...(side && { side }),
        ...(stopped.includes(l) && { stopped: true }),
        ...(limit === SURGERY && surgeryAt && { at: surgeryAt }),
      };
    }),
  };
};

interface Props {
  group: Group;
  value: Person;
  version: number;
  close: () => void;
}

/** One person, with as little as is needed and with their consent. */
export const PersonDialog = ({ group, value, version, close }: Props) => {
  const kind = useMemo(
    (): DocumentKind<Person> => ({
      name: 'people',
      read: (held) => {
        toValues(held as Person, group);
        return held as Person;
      },
      called: ({ name }) => name,
      byItself: false,
    }),
    [group],
  );
  const document = useFormDocument(kind, { value, version });
  return document && <OpenDialog group={group} document={document} kind={kind} close={close} />;
};

const OpenDialog = ({
  group,
  document,
  kind,
  close,
}: {
  group: Group;
  document: Document<Person>;
  kind: DocumentKind<Person>;
  close: () => void;
}) => {
  const [form] = Form.useForm<Values>();
  const name = useRef<InputRef>(null);
  const kept = useKeptForm(document, kind);
  const { value } = document.getState();
  const ownHours = Form.useWatch('ownHours', form);
  const limits = Form.useWatch('limits', form) ?? [];
  const save = async (values: Values): Promise<void> => {
    const input = toPerson(value, values);
    const parsed = Person.safeParse(input);
    if (!parsed.success) {
      form.setFields(
        fieldProblems(parsed.error, input).map(({ path, message: errors }) => ({
          name: (workField(path) ?? path.split('.')[0]) as keyof Values,
          errors: [errors],
        })),
      );
      return;
    }
    if (await kept.keep(parsed.data)) close();
  };
  return (
    <Modal
      open
      title={kept.isNew ? 'Add a person' : value.name}
      okText="Keep"
      confirmLoading={kept.busy}
      onOk={form.submit}
      onCancel={() => {
        kept.giveUp();
        close();
      }}
      afterOpenChange={(shown) => shown && name.current?.focus()}
    >
      {kept.conflict && (
        <Conflict
          open
          document={document}
          what="person"
          theirs={() => request<Kept<Person>>('GET', `/api/people/${value.id}`)}
          chosen={(which) => {
            if (which === 'mine') void save(form.getFieldsValue(true));
            else form.setFieldsValue(toValues(document.getState().value, group));
          }}
        />
      )}
      <Form
        name="person"
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={toValues(value, group)}
        onValuesChange={() => kept.typed(toPerson(value, form.getFieldsValue(true)))}
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
        {limits.includes(`|${SURGERY}`) && (
          <Form.Item name="surgeryAt" label="Where the surgery was">
            <Select
              allowClear
              options={AREAS.map((area) => ({ value: area, label: area }))}
              placeholder="not said: nothing moves without asking first"
            />
          </Form.Item>
        )}
        {limits.some((l) => l !== `|${SURGERY}`) && (
          <Form.Item name="stopped" label="Of these, stopped by a doctor for now">
            <MultiSelect
              options={limitOptions.filter((o) => limits.includes(o.value) && o.value !== `|${SURGERY}`)}
              placeholder="none: eased or avoided as usual"
              optionFilterProp="label"
            />
          </Form.Item>
        )}
        <Form.Item name="note" label="Note">
          <Input.TextArea rows={2} maxLength={300} />
        </Form.Item>
        <Form.Item name="ownHours" valuePropName="checked" style={{ marginBottom: 10 }}>
          <Checkbox>Works other days or hours than the group</Checkbox>
        </Form.Item>
        {ownHours && <OwnHours />}
        <Form.Item name="consent" valuePropName="checked" style={{ marginBottom: 10 }}>
          <Checkbox>They have agreed that this is kept</Checkbox>
        </Form.Item>
        <Form.Item
          name="mail"
          label="Reminders by mail to"
          extra="Only if they want them, and where a mail server is set. Each mail has a press that ends them."
        >
          <Input type="email" maxLength={200} placeholder="nothing is sent by mail" autoComplete="off" />
        </Form.Item>
        <Form.Item name="measuring" valuePropName="checked" style={{ marginBottom: 10 }}>
          <Checkbox>They have agreed that what is measured of them is kept, too</Checkbox>
        </Form.Item>
        <p className="muted small">
          No diagnoses. Whoever has an injury, a recent operation or a known condition asks a doctor or
          physiotherapist first; Kotabi only eases or leaves out.
        </p>
      </Form>
    </Modal>
  );
};
