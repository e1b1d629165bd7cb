import { placeWord } from '@kotabi/core/cues';
import { Area, Ask, Kind, Muscle, Position, Region, Space, Thing } from '@kotabi/core/model';
import { Checkbox, Form, Input, InputNumber, Select } from 'antd';
import { MultiSelect } from '../../../fields/MultiSelect';
import styles from './edit.module.css';
import { options } from './options';

const places = Position.options.map((value) => ({ value, label: placeWord(value) }));

/** What a move is: names, kind, muscles, position, things, what it asks and what goes with it. */
export const AboutFields = ({ others }: { others: { value: string; label: string }[] }) => (
  <section className={`card ${styles.form}`} aria-label="What it is">
    <h2>What it is</h2>
    <div className={styles.grid}>
      <Form.Item
        name="name"
        label="Name"
        rules={[{ required: true, whitespace: true, message: 'A move needs a name.' }]}
      >
        <Input maxLength={80} />
      </Form.Item>
      <Form.Item name="otherNames" label="Other names">
        <Select
          mode="tags"
          tokenSeparators={[',']}
          open={false}
          suffixIcon={null}
          placeholder="with commas"
        />
      </Form.Item>
      <Form.Item name="kind" label="Kind">
        <Select options={options(Kind.options)} />
      </Form.Item>
      <Form.Item name="purpose" label="What it is for" className={styles.half}>
        <Input maxLength={300} />
      </Form.Item>
      <Form.Item name="region" label="Shelf">
        <Select options={options(Region.options)} />
      </Form.Item>
      <Form.Item
        name="areas"
        label="Areas, the main one first"
        rules={[{ required: true, message: 'At least one area.' }]}
      >
        <MultiSelect options={options(Area.options)} />
      </Form.Item>
      <Form.Item name="muscles" label="Muscles it moves, the main one first">
        <MultiSelect options={options(Muscle.options)} />
      </Form.Item>
      <Form.Item name="holding" label="Muscles that hold still">
        <MultiSelect options={options(Muscle.options)} />
      </Form.Item>
      <Form.Item name="position" label="Position">
        <Select options={places} />
      </Form.Item>
      <Form.Item name="alsoIn" label="Possible in as well">
        <MultiSelect options={places} />
      </Form.Item>
      <Form.Item name="things" label="Things needed">
        <MultiSelect options={options(Thing.options)} />
      </Form.Item>
      <Form.Item name="space" label="Room">
        <Select options={options(Space.options)} />
      </Form.Item>
      <Form.Item name="asks" label="Asks of body or seat, beyond what the figure shows">
        <MultiSelect options={options(Ask.options)} />
      </Form.Item>
      <Form.Item name="instead" label="To do instead, the nearest first">
        <MultiSelect optionFilterProp="label" options={others} />
      </Form.Item>
      <Form.Item name="balancedBy" label="Balanced by">
        <MultiSelect optionFilterProp="label" options={others} />
      </Form.Item>
      <Form.Item name="seen" label="Unnoticed">
        <Checkbox.Group
          options={[
            { value: 'call', label: 'on a call' },
            { value: 'camera', label: 'on camera' },
          ]}
        />
      </Form.Item>
      <Form.Item name="returnSec" label="Seconds to come back (empty: as the pace)">
        <InputNumber min={0} max={60} suffix="s" style={{ width: 110 }} />
      </Form.Item>
      <Form.Item name="onlyWhenAsked" valuePropName="checked" label="Offered">
        <Checkbox>only when asked for</Checkbox>
      </Form.Item>
    </div>
  </section>
);
