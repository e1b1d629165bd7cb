import type { BreakKind, WeekRule } from '@kotabi/core/model';
import { Button, Checkbox, Input, Modal } from 'antd';
import { Plus, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { NumberField } from '../../../fields/NumberField';
import { TimeField } from '../../../fields/TimeField';
import dialog from '../dialogs/dialogs.module.css';

/** A break of a minute or so takes half of a run away, from five minutes on all of it. */
export const reliefOf = (lengthMin: number): number => (lengthMin < 5 ? 0.5 : 1);

const MOST = 6;

interface Props {
  rule: WeekRule;
  /** Ids of kinds that breaks of the week are of. */
  used: ReadonlySet<string>;
  set: (rule: WeekRule) => void;
  close: () => void;
}

/** The kinds of break a rule may place: how long, how many, when, and whether they can be done in a meeting. */
export const KindsDialog = ({ rule, used, set, close }: Props) => {
  const change = (id: string, more: Partial<BreakKind>): void =>
    set({ ...rule, kinds: rule.kinds.map((k) => (k.id === id ? { ...k, ...more } : k)) });
  const without = <K extends keyof BreakKind>(kind: BreakKind, key: K): void => {
    const { [key]: _, ...rest } = kind;
    set({ ...rule, kinds: rule.kinds.map((k) => (k.id === kind.id ? (rest as BreakKind) : k)) });
  };
  return (
    <Modal
      open
      width={900}
      title="Kinds of break"
      onCancel={close}
      footer={
        <Button type="primary" onClick={close}>
          Done
        </Button>
      }
    >
      <p className="muted">
        Under 5 min a break takes half of a run away, from 5 min on all of it. What is left empty is as in the
        rule.
      </p>
      <table className={dialog.kinds}>
        <thead>
          <tr>
            {[
              'Name',
              'Length',
              'A day, least',
              'most',
              'Gap before',
              'Not before',
              'Not after',
              'On calls',
              '',
            ].map((h) => (
              <th key={h} scope="col">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rule.kinds.map((k) => (
            <tr key={k.id}>
              <td>
                <Input
                  aria-label="Name of the kind"
                  value={k.name ?? ''}
                  maxLength={40}
                  placeholder={`${k.lengthMin} min`}
                  onChange={(e) => change(k.id, { name: e.target.value })}
                />
              </td>
              <td>
                <NumberField
                  name="Length"
                  min={1}
                  max={120}
                  unit="min"
                  value={k.lengthMin}
                  change={(lengthMin) => change(k.id, { lengthMin, relief: reliefOf(lengthMin) })}
                />
              </td>
              <td>
                <NumberField
                  name="A day, at least"
                  min={0}
                  max={k.maxCount ?? 100}
                  value={k.minCount ?? null}
                  placeholder="any"
                  change={(minCount) => change(k.id, { minCount })}
                  clear={() => without(k, 'minCount')}
                />
              </td>
              <td>
                <NumberField
                  name="A day, at most"
                  min={k.minCount ?? 0}
                  max={100}
                  value={k.maxCount ?? null}
                  placeholder="any"
                  change={(maxCount) => change(k.id, { maxCount })}
                  clear={() => without(k, 'maxCount')}
                />
              </td>
              <td>
                <NumberField
                  name="Gap before"
                  min={0}
                  max={480}
                  unit="min"
                  value={k.minGapMin ?? null}
                  placeholder={String(rule.minGapMin)}
                  change={(minGapMin) => change(k.id, { minGapMin })}
                  clear={() => without(k, 'minGapMin')}
                />
              </td>
              {(['earliestMin', 'latestMin'] as const).map((key) => (
                <td key={key}>
                  {k[key] === undefined ? (
                    <Button
                      size="small"
                      type="text"
                      onClick={() => change(k.id, { [key]: key === 'earliestMin' ? 600 : 960 })}
                    >
                      any time
                    </Button>
                  ) : (
                    <span className={dialog.kindTime}>
                      <TimeField
                        label={key === 'earliestMin' ? 'Not before' : 'Not after'}
                        value={k[key] ?? 0}
                        set={(minute) => change(k.id, { [key]: minute })}
                      />
                      <Button
                        type="text"
                        size="small"
                        aria-label="At any time"
                        icon={<X size={13} />}
                        onClick={() => without(k, key)}
                      />
                    </span>
                  )}
                </td>
              ))}
              <td style={{ textAlign: 'center' }}>
                <Checkbox
                  aria-label="Can be done while only listening"
                  checked={k.discreet ?? false}
                  onChange={(e) => change(k.id, { discreet: e.target.checked })}
                />
              </td>
              <td>
                <Button
                  type="text"
                  size="small"
                  aria-label={`Take out ${k.name || `${k.lengthMin} min`}`}
                  icon={<X size={15} />}
                  disabled={rule.kinds.length === 1}
                  title={used.has(k.id) ? 'Breaks of this kind become the first kind' : undefined}
                  onClick={() => set({ ...rule, kinds: rule.kinds.filter((x) => x.id !== k.id) })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Button
        type="text"
        icon={<Plus size={15} />}
        disabled={rule.kinds.length >= MOST}
        onClick={() =>
          set({ ...rule, kinds: [...rule.kinds, { id: nanoid(6), name: '', lengthMin: 5, relief: 1 }] })
        }
      >
        Another kind
      </Button>
    </Modal>
  );
};
