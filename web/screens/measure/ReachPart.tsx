import { mayTake, REACHES, reachChange, readingOf, repeatsIn, smallestChange } from '@kotabi/core/measure';
import { type Measure, type Person, type Reach, ReachKind, Side } from '@kotabi/core/model';
import { Segmented, Select } from 'antd';
import { useState } from 'react';
import { NumberField } from '../../fields/NumberField';
import { differenceText, readingText } from '../../words/measure';
import { ClockFace } from './ClockFace';
import styles from './measure.module.css';
import { ReachDrawing } from './ReachDrawing';

const WHEN = ['before', 'after'] as const;

interface Props {
  measure: Measure;
  person: Person | null;
  /** Everything measured of the same person or group, for how far readings lie apart. */
  earlier: readonly Measure[];
  change: (label: string, more: Partial<Measure>) => void;
}

/** How far somebody reaches by what is at hand, each side before and after, with how to take it and what counts as a change. */
export const ReachPart = ({ measure, person, earlier, change }: Props) => {
  const limits = person?.limits ?? [];
  const allowed = ReachKind.options.filter((k) => mayTake(k, limits).may);
  const [kind, setKind] = useState<ReachKind | undefined>(
    measure.reach.find((r) => allowed.includes(r.kind))?.kind ?? allowed[0],
  );
  const [when, setWhen] = useState<(typeof WHEN)[number]>('before');
  if (!kind)
    return (
      <section className={`card ${styles.part}`} aria-label="Reach">
        <h2>Reach</h2>
        <p>For {person?.name} no reach is taken: ask a doctor or physiotherapist first.</p>
      </section>
    );
  const info = REACHES[kind];
  const sides: Reach['side'][] = info.sides === 'both' ? ['both'] : [...Side.options];
  const readings = (side: Reach['side'], when: 'before' | 'after'): readonly number[] =>
    measure.reach.find((r) => r.kind === kind && r.side === side)?.[when] ?? [];
  const set = (side: Reach['side'], when: 'before' | 'after', at: number, value: number | null): void => {
    const own = measure.reach.find((r) => r.kind === kind && r.side === side) ?? {
      kind,
      side,
      before: [],
      after: [],
    };
    const list = [...own[when]];
    if (value === null) list.splice(at, 1);
    else list[at] = value;
    const next = { ...own, [when]: list };
    const others = measure.reach.filter((r) => r !== own && !(r.kind === kind && r.side === side));
    const empty = next.before.length + next.after.length === 0;
    change(`${info.name}, ${side}`, { reach: empty ? others : [...others, next] });
  };
  const repeats = repeatsIn([...earlier, measure], kind);
  const smallest = smallestChange(kind, repeats);
  const care = mayTake(kind, limits);
  const left = ReachKind.options.filter((k) => !allowed.includes(k));
  return (
    <section className={`card ${styles.part}`} aria-label="Reach">
      <div className="bar">
        <h2>Reach</h2>
        <Select
          aria-label="What is measured"
          style={{ width: 220 }}
          value={kind}
          options={allowed.map((k) => ({ value: k, label: REACHES[k].name }))}
          onChange={setKind}
        />
      </div>
      <div className={styles.reach}>
        {kind === 'arm on the clock' ? (
          <div className={styles.pressed}>
            <ClockFace reach={measure.reach} when={when} set={(side, up) => set(side, when, 0, up)} />
            <Segmented
              size="small"
              aria-label="A press on the clock is"
              options={[...WHEN]}
              value={when}
              onChange={setWhen}
            />
          </div>
        ) : (
          <ReachDrawing kind={kind} />
        )}
        <div>
          <p className="small">{info.how}</p>
          {kind === 'arm on the clock' && (
            <p className="small muted">Press the face where the arm came to, or type the hours below.</p>
          )}
          {info.needs && <p className="small muted">Needs {info.needs}.</p>}
          {care.why.length > 0 && <p className={styles.care}>Take care: {care.why.join('; ')}.</p>}
        </div>
      </div>
      <table className={`list ${styles.readings}`}>
        <thead>
          <tr>
            <th scope="col">{info.sides === 'both' ? '' : 'Side'}</th>
            {WHEN.map((when) => (
              <th scope="col" key={when}>
                {when}
              </th>
            ))}
            <th scope="col">Change</th>
          </tr>
        </thead>
        <tbody>
          {sides.map((side) => {
            const [before, after] = WHEN.map((when) => readingOf(readings(side, when)));
            const did = reachChange(kind, before ?? null, after ?? null, repeats);
            return (
              <tr key={side}>
                <th scope="row" className={side}>
                  {side === 'both' ? '' : side}
                </th>
                {WHEN.map((when) => (
                  <td key={when}>
                    {[0, 1].map((at) => (
                      <NumberField
                        key={at}
                        name={`${info.name}, ${side}, ${when}${at === 1 ? ', taken again' : ''}`}
                        className={styles.reading}
                        min={info.least}
                        max={info.most}
                        step={info.step}
                        precision={info.step < 1 ? 1 : 0}
                        placeholder={at === 1 ? 'again' : undefined}
                        value={readings(side, when)[at] ?? null}
                        change={(v) =>
                          set(
                            side,
                            when,
                            Math.min(at, readings(side, when).length),
                            Math.round(v / info.step) * info.step,
                          )
                        }
                        clear={() => set(side, when, at, null)}
                      />
                    ))}
                    <div className="small muted">
                      {readings(side, when)[0] === undefined
                        ? info.unit[1]
                        : readingText(kind, side, readingOf(readings(side, when)) ?? 0)}
                    </div>
                  </td>
                ))}
                <td className="small">
                  {did === null || did.fartherBy === 0
                    ? did
                      ? 'no change'
                      : ''
                    : `${differenceText(kind, Math.abs(did.fartherBy))} ${did.fartherBy > 0 ? 'farther' : 'less far'}${did.real ? '' : ', within the error'}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <details className="small">
        <summary>
          Usual error {differenceText(kind, info.usualError)}; a real change from{' '}
          {differenceText(kind, smallest.change)} on
        </summary>
        <p>
          Smallest change that readings alone do not make: 1.96 × √2 × standard error of a reading (
          {smallest.sem.toFixed(2)}) = {smallest.exact.toFixed(2)}, read in steps of {info.step}:{' '}
          {smallest.change} {info.unit[1]}. The standard error comes from{' '}
          {smallest.from === 'own repeats'
            ? `${smallest.repeats} readings that were taken twice`
            : `the usual error of this measure (common practice, no source); with ten readings taken twice it is worked out from them (so far ${smallest.repeats})`}
          .
        </p>
      </details>
      {left.length > 0 && (
        <p className="small muted">
          Not taken of {person?.name}:{' '}
          {left
            .map((k) => `${REACHES[k].name.toLowerCase()} (${mayTake(k, limits).why.join('; ')})`)
            .join(', ')}
          .
        </p>
      )}
    </section>
  );
};
