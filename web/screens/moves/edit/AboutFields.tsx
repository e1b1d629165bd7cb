import { placeWord } from '@kotabi/core/cues';
import { Area, Ask, Kind, Muscle, Position, Region, Space, Thing } from '@kotabi/core/model';
import { Checkbox, Form, Input, InputNumber, Select } from 'antd';
import { MultiSelect } from '../../../fields/MultiSelect';
import styles from './edit.module.css';
import { FIELDS } from './fields';
import { options } from './options';

const places = Position.options.map((value) => ({ value, label: placeWord(value) }));

/** What a move is: names, kind, muscles, position, things, what it asks and what goes with it. */
export const AboutFields = ({ others }: { others: { value: string; label: string }[] }) => (
  <section className={`card ${styles.form}`} aria-label="What it is">
    <h2>What it is</h2>
    <div className={styles.grid}>
      <Form.Item
        name="name"
        label={FIELDS.name}
        rules={[{ required: true, whitespace: true, message: 'A move needs a name.' }]}
      >
        <Input maxLength={80} />
      </Form.Item>
      <Form.Item name="otherNames" label={FIELDS.otherNames}>
        <Select
          mode="tags"
          tokenSeparators={[',']}
          open={false}
          suffixIcon={null}
          placeholder="with commas"
        />
      </Form.Item>
      <Form.Item name="kind" label={FIELDS.kind}>
        <Select options={options(Kind.options)} />
      </Form.Item>
      <Form.Item name="purpose" label={FIELDS.purpose} className={styles.half}>
        <Input maxLength={300} />
      </Form.Item>
      <Form.Item name="region" label={FIELDS.region}>
        <Select options={options(Region.options)} />
      </Form.Item>
      <Form.Item
        name="areas"
        label={FIELDS.areas}
        rules={[{ required: true, message: 'At least one area.' }]}
      >
        <MultiSelect options={options(Area.options)} />
      </Form.Item>
      <Form.Item name="muscles" label={FIELDS.muscles}>
        <MultiSelect options={options(Muscle.options)} />
      </Form.Item>
      <Form.Item name="holding" label={FIELDS.holding}>
        <MultiSelect options={options(Muscle.options)} />
      </Form.Item>
      <Form.Item name="position" label={FIELDS.position}>
        <Select options={places} />
      </Form.Item>
      <Form.Item name="alsoIn" label={FIELDS.alsoIn}>
        <MultiSelect options={places} />
      </Form.Item>
      <Form.Item name="things" label={FIELDS.things}>
        <MultiSelect options={options(Thing.options)} />
      </Form.Item>
      <Form.Item name="space" label={FIELDS.space}>
        <Select options={options(Space.options)} />
      </Form.Item>
      <Form.Item name="asks" label={FIELDS.asks}>
        <MultiSelect options={options(Ask.options)} />
      </Form.Item>
      <Form.Item name="instead" label={FIELDS.instead}>
        <MultiSelect optionFilterProp="label" options={others} />
      </Form.Item>
      <Form.Item name="balancedBy" label={FIELDS.balancedBy}>
        <MultiSelect optionFilterProp="label" options={others} />
      </Form.Item>
      <Form.Item name="seen" label={FIELDS.discreet}>
        <Checkbox.Group
          options={[
            { value: 'call', label: 'on a call' },
            { value: 'camera', label: 'on camera' },
          ]}
        />
      </Form.Item>
      <Form.Item name="returnSec" label={FIELDS.returnSec}>
        <InputNumber min={0} max={60} suffix="s" style={{ width: 110 }} />
      </Form.Item>
      <Form.Item name="onlyWhenAsked" valuePropName="checked" label={FIELDS.onlyWhenAsked}>
        <Checkbox>only when asked for</Checkbox>
      </Form.Item>
    </div>
  </section>
);
