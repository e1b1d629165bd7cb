import { Modal } from 'antd';
import styles from './break.module.css';
import { CHOOSING, type Command } from './commands';

/** The keys of the sheet, by what they are for. */
export const KeysHelp = (p: { commands: readonly Command[]; open: boolean; close: () => void }) => {
  const groups = [...new Set(p.commands.map((c) => c.group))];
  const lists: [string, readonly (readonly [string, string])[]][] = [
    ['Choosing', CHOOSING],
    ...groups.map((g): [string, [string, string][]] => [
      g,
      p.commands.filter((c) => c.group === g).map((c) => [c.keys, c.label]),
    ]),
  ];
  return (
    <Modal
      open={p.open}
      onCancel={p.close}
      footer={null}
      title="Keys on the sheet"
      width={1080}
      style={{ top: 32 }}
    >
      <div className={styles.keyGroups}>
        {lists.map(([name, list]) => (
          <section key={name}>
            <h3>{name}</h3>
            <dl className={styles.keys}>
              {list.map(([keys, what]) => (
                <div key={keys}>
                  <dt>
                    <kbd>{keys}</kbd>
                  </dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Modal>
  );
};
