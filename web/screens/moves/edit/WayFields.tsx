import type { Move } from '@kotabi/core/model';
import { Form, Input, InputNumber, Radio, Select } from 'antd';
import styles from './edit.module.css';
import { FIELDS } from './fields';
import { options } from './options';
import type { Values } from './values';

/** How a move divides into ways, how much of it is done, and how the breath goes with it. */
export const WayFields = ({ value }: { value: Move }) => {
  const form = Form.useFormInstance<Values>();
  const pattern = Form.useWatch('pattern', form) ?? value.ways.pattern;
  const measure = Form.useWatch('measure', form) ?? value.dose.usual.measure;
  const breathReps = Form.useWatch('breathReps', form);
  return (
    <section className={`card ${styles.form}`} aria-label="Sides, dose, breath">
      <h2>Sides, dose, breath</h2>
      <div className={styles.grid}>
        <Form.Item name="pattern" label={FIELDS.ways} className={styles.wide}>
          <Radio.Group
            options={[
              { value: 'together', label: 'both sides together' },
              { value: 'each', label: 'one side, then the other' },
              { value: 'alternate', label: 'to and fro' },
            ]}
          />
        </Form.Item>
        {pattern !== 'together' && (
          <>
            <Form.Item name="pair" label="The two ways differ by">
              <Select
                options={options([
                  'side',
                  'arm on top',
                  'hand on top',
                  'leg on top',
                  'thumb in front',
                  'diagonal',
                ])}
              />
            </Form.Item>
            <Form.Item name="felt" label="The left way is felt">
              <Select
                options={[
                  { value: 'same', label: 'on the left' },
                  { value: 'opposite', label: 'on the right' },
                  { value: 'both', label: 'on both sides' },
                ]}
              />
            </Form.Item>
            <Form.Item name="moves" label="What moves, with {side} and {other}">
              <Input maxLength={120} placeholder="the {side} arm reaches up" />
            </Form.Item>
          </>
        )}
        <Form.Item name="directions" label="Two directions, if it has them" extra="such as: back, forward">
          <Select mode="tags" maxCount={2} tokenSeparators={[',']} open={false} suffixIcon={null} />
        </Form.Item>
        <Form.Item name="measure" label="Measured in">
          <Select options={options(['seconds', 'breaths', 'reps'])} />
        </Form.Item>
        <Form.Item label={FIELDS.dose}>
          <div className="bar" style={{ flexWrap: 'nowrap' }}>
            <Form.Item name="least" noStyle>
              <InputNumber aria-label="Least" min={1} max={600} style={{ width: 72 }} />
            </Form.Item>
            <Form.Item name="usual" noStyle>
              <InputNumber aria-label="Usual" min={1} max={600} style={{ width: 72 }} />
            </Form.Item>
            <Form.Item name="most" noStyle>
              <InputNumber aria-label="Most" min={1} max={600} style={{ width: 72 }} />
            </Form.Item>
          </div>
        </Form.Item>
        {measure === 'reps' && (
          <Form.Item label="Each repetition">
            <div className="bar" style={{ flexWrap: 'nowrap' }}>
              <Form.Item name="breathReps" noStyle>
                <Select
                  aria-label="What each repetition goes by"
                  options={[
                    { value: null, label: 'seconds' },
                    { value: 'half a breath', label: 'half a breath' },
                    { value: 'breath', label: 'one breath' },
                    { value: 'two breaths', label: 'two breaths' },
                  ]}
                  style={{ width: 130 }}
                />
              </Form.Item>
              {!breathReps && (
                <Form.Item name="repSec" noStyle>
                  <InputNumber
                    aria-label="Seconds each"
                    min={0.5}
                    max={60}
                    step={0.5}
                    suffix="s"
                    style={{ width: 90 }}
                  />
                </Form.Item>
              )}
            </div>
          </Form.Item>
        )}
        <Form.Item name="going" label={FIELDS.breath}>
          <Select options={options(['in', 'out', 'free'])} />
        </Form.Item>
      </div>
    </section>
  );
};
