import { Form, Input } from 'antd';
import { ROLE_WORDS } from '../../../words/roles';
import styles from './edit.module.css';
import { FIELDS } from './fields';

/** Everything that is said, and what to take care of. */
export const WordFields = () => (
  <section className={`card ${styles.form}`} aria-label="Words">
    <h2>Words</h2>
    <p className="muted small">
      {'{side}'} and {'{other}'} become left and right, {'{direction}'} the direction, {'{going}'} and{' '}
      {'{coming}'} breathe in or breathe out. Say them aloud once.
    </p>
    <div className={styles.grid}>
      {Object.entries(ROLE_WORDS).map(([name, label]) => (
        <Form.Item key={name} name={name} label={label}>
          <Input.TextArea autoSize={{ minRows: 1, maxRows: 4 }} maxLength={600} />
        </Form.Item>
      ))}
      <Form.Item name="cautions" label={FIELDS.cautions} className={styles.wide}>
        <Input.TextArea autoSize={{ minRows: 2, maxRows: 6 }} />
      </Form.Item>
    </div>
  </section>
);
