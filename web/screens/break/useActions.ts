import { type Move, type MoveLookup, otherSide, type Step, stepsOf } from '@kotabi/core/model';
import { stepOf } from '@kotabi/core/moves';
import { App } from 'antd';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import {
  breakChain,
  chainOf,
  duplicateStep,
  insertStep,
  makeChain,
  nextDose,
  nudge,
  nudgeItem,
  removeSteps,
  stepAt,
  whyNoChain,
} from './edits';
import type { BreakStore } from './store';

const newId = (): string => nanoid(10);

/** Everything that can be done with the steps, by key, by button or by menu. */
export const useActions = (store: BreakStore, lookup: MoveLookup) => {
  const { message } = App.useApp();
  return useMemo(() => {
    const get = store.getState;
    const shown = (): string | undefined => get().selected.at(-1);
    const change = (label: string, recipe: (step: Step) => void, key?: string): void => {
      const id = shown();
      if (id)
        get().edit(
          label,
          (d) => {
            const step = stepAt(d, id);
            if (step) recipe(step);
          },
          key && `${key}.${id}`,
        );
    };
    return {
      change,
      add: (move: Move): void => {
        const step = stepOf(move, newId());
        get().edit(`add ${move.name}`, (d) => insertStep(d, step, shown() ?? null));
        get().select([step.id]);
      },
      remove: (): void => {
        const { selected, brk } = get();
        if (selected.length === 0) return;
        const ids = stepsOf(brk).map((s) => s.id);
        const last = Math.max(...selected.map((id) => ids.indexOf(id)));
        const next = ids.slice(last + 1).find((id) => !selected.includes(id));
        const before = ids
          .slice(0, last)
          .reverse()
          .find((id) => !selected.includes(id));
        get().edit(selected.length > 1 ? `remove ${selected.length} steps` : 'remove a step', (d) =>
          removeSteps(d, selected),
        );
        const go = next ?? before;
        get().select(go ? [go] : []);
      },
      duplicate: (): void => {
        const id = shown();
        if (!id) return;
        const copy = newId();
        get().edit('duplicate a step', (d) => duplicateStep(d, id, copy));
        get().select([copy]);
      },
      /** One place up or down; with `whole`, the chain it is a link of. */
      move: (by: 1 | -1, whole = false): void => {
        const id = shown();
        if (!id) return;
        const chain = chainOf(get().brk, id);
        get().edit('move a step', (d) => (whole && chain ? nudgeItem(d, chain.id, by) : nudge(d, id, by)));
      },
      step: (by: 1 | -1, extend: boolean): void => {
        const { brk, selected } = get();
        const ids = stepsOf(brk).map((s) => s.id);
        const at = ids.indexOf(shown() ?? '');
        const next = ids[at < 0 ? (by > 0 ? 0 : ids.length - 1) : at + by];
        if (!next) return;
        if (!extend) {
          get().select([next]);
          return;
        }
        const anchor = ids.indexOf(selected[0] ?? next);
        const to = ids.indexOf(next);
        const range = ids.slice(Math.min(anchor, to), Math.max(anchor, to) + 1);
        get().select(anchor <= to ? range : range.reverse());
      },
      dose: (by: 1 | -1): void =>
        change('change the dose', (s) => {
          s.dose = nextDose(s.dose, by);
        }),
      chain: (): void => {
        const { selected, brk } = get();
        const why = whyNoChain(brk, selected, lookup);
        if (why) {
          void message.info(why);
          return;
        }
        get().edit('make a series', (d) => makeChain(d, selected, newId()));
      },
      unchain: (): void => {
        const chain = chainOf(get().brk, shown() ?? '');
        if (chain) get().edit('take the series apart', (d) => breakChain(d, chain.id));
      },
      swapFirst: (): void => {
        const { brk } = get();
        const id = shown();
        if (!id) return;
        const chainId = chainOf(brk, id)?.id;
        get().edit('change the first side', (d) => {
          const chain = d.items.find((it) => it.id === chainId);
          const at = chain?.type === 'chain' ? chain : stepAt(d, id);
          if (at) at.firstSide = otherSide(at.firstSide ?? d.firstSide);
        });
      },
    };
  }, [store, lookup, message]);
};

export type Actions = ReturnType<typeof useActions>;
