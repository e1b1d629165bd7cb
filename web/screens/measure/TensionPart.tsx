import { BODY } from '@kotabi/core/measure';
import { type Area, type AreaTension, type Measure, Side } from '@kotabi/core/model';
import { ratingChange } from '@kotabi/core/record';
import { Button, Select } from 'antd';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Tension } from '../../fields/Tension';
import { areaText } from '../../words/measure';
import { BodyMap } from './BodyMap';
import styles from './measure.module.css';

type Place = Pick<AreaTension, 'area' | 'side'>;
const same = (a: Place, b: Place): boolean => a.area === b.area && a.side === b.side;

const PLACES = BODY.flatMap(({ area }) => [...Side.options, 'both' as const].map((side) => ({ area, side })));
const options = PLACES.map((p) => ({ value: `${p.area}|${p.side}`, label: areaText(p) }));

/** Tension by area, 0 to 10, on the body: press a place, then a number before and one after. */
export const TensionPart = ({
  measure,
  change,
}: {
  measure: Measure;
  change: (label: string, more: Partial<Measure>) => void;
}) => {
  const [chosen, setChosen] = useState<Place | null>(null);
  const of = (place: Place): AreaTension =>
    measure.tension.find((t) => same(t, place)) ?? { ...place, before: null, after: null };
  const set = (place: Place, more: Partial<AreaTension>): void => {
    const next = { ...of(place), ...more };
    const others = measure.tension.filter((t) => !same(t, place));
    const empty = next.before === null && next.after === null;
    change(`tension, ${areaText(place)}`, { tension: empty ? others : [...others, next] });
  };
  const now = chosen && of(chosen);
  const changed = now && ratingChange(now.before, now.after);
  return (
    <section className={`card ${styles.part}`} aria-label="Where it is tight">
      <h2>Where it is tight</h2>
      <BodyMap
        tension={measure.tension}
        chosen={chosen}
        choose={(area: Area, side: Side) => setChosen({ area, side })}
      />
      <div className={styles.choice}>
        <Select
          showSearch
          optionFilterProp="label"
          aria-label="Area and side"
          placeholder="or choose an area and side"
          style={{ width: 230 }}
          value={chosen ? `${chosen.area}|${chosen.side}` : undefined}
          options={options}
          onChange={(key: string) => {
            const [area, side] = key.split('|') as [Area, AreaTension['side']];
            setChosen({ area, side });
          }}
        />
        {now && (
          <Button
            type="text"
            icon={<X size={15} />}
            onClick={() => {
              set(now, { before: null, after: null });
              setChosen(null);
            }}
          >
            Take {areaText(now)} out
          </Button>
        )}
      </div>
      {now ? (
        <>
          <h3 id="m-before">{areaText(now)}, before</h3>
          <Tension labelledBy="m-before" value={now.before} set={(before) => set(now, { before })} />
          <h3 id="m-after">{areaText(now)}, after</h3>
          <Tension labelledBy="m-after" value={now.after} set={(after) => set(now, { after })} />
          {changed && changed.downBy !== 0 && (
            <p className="small">
              {changed.downBy > 0 ? `Down by ${changed.downBy}` : `Up by ${-changed.downBy}`}:{' '}
              {changed.noticed ? 'as much as people notice.' : 'less than people usually notice.'}
            </p>
          )}
        </>
      ) : (
        <p className="muted small">
          Press a place, then a number before and one after. Your left is left on the page.
        </p>
      )}
    </section>
  );
};
