import {
  applyFix,
  breakChain,
  chainOf,
  clipOf,
  duplicate,
  type Fix,
  insertItems,
  insertStep,
  insertWhereItBelongs,
  makeChain,
  nextBreath,
  nextDirections,
  nextDose,
  nextHeld,
  nextRange,
  nudge,
  openOrNot,
  placeLikeBeside,
  removeSteps,
  splitSides,
  stepAt,
  swapFirst,
  turnChain,
  whyNoChain,
  whyNoSplit,
  withNewIds,
} from '@kotabi/core/edit';
import { stepOf } from '@kotabi/core/library';
import {
  type Approach,
  type Break,
  isTwoWay,
  MOST_CHAIN_ROUNDS,
  type Move,
  type MoveLookup,
  moveIdsOf,
  rungOf,
  type Step,
  stepsOf,
} from '@kotabi/core/model';
import { mirrorBreak } from '@kotabi/core/timing';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { useMessages } from '../../shell/messages';
import { besideWords } from '../../words/beside';
import { fixWords } from '../../words/fixes';
import { clipboard } from './clipboard';
import type { BreakStore } from './store';

/** The note that was just put in and waits to be written. */
export const freshNote: { id: string | null } = { id: null };

const newId = (): string => nanoid(10);

/** Changes a step, as one edit with a name; edits with the same key that follow each other are one. */
export type Change = (label: string, recipe: (step: Step) => void, key?: string) => void;

/** How far `edit` is told apart from the next one: "3 steps", or "a step". */
const many = (count: number): string => (count > 1 ? `${count} steps` : 'a step');

/** Everything that can be done with the steps, by key, by button or by menu. */
export const useActions = (store: BreakStore, lookup: MoveLookup, approach: Approach) => {
  const { message } = useMessages();
  return useMemo(() => {
    const get = store.getState;
    const shown = (): string | undefined => get().selected.at(-1);
    const tell = (why: string | null): boolean => {
      if (why) void message.info(why);
      return why !== null;
    };
    /** Changes one step: that whose fields are seen, also where another was chosen a moment ago. */
    const changeOf =
      (id: string): Change =>
      (label, recipe, key) =>
        get().edit(
          label,
          (d) => {
            const step = stepAt(d, id);
            if (step) recipe(step);
          },
          key ? { key: `${key}.${id}` } : {},
        );
    /** Changes every chosen step, as one edit. */
    const changeAll = (label: string, recipe: (step: Step, move: Move) => void): void => {
      const { selected, edit } = get();
      edit(label, (d) => {
        for (const id of selected) {
          const step = stepAt(d, id);
          const move = step && lookup(step.moveId);
          if (step && move) recipe(step, move);
        }
      });
    };
    /** Says something of every chosen step for which it can be said, or no longer so. */
    const toggle = (
      label: string,
      what: 'locked' | 'keep' | 'oneByOne' | 'turned',
      can: (step: Step, move: Move) => boolean = () => true,
    ): void =>
      changeAll(label, (s, move) => {
        if (s[what]) delete s[what];
        else if (can(s, move)) s[what] = true;
      });
    const ids = (): string[] => stepsOf(get().value).map((s) => s.id);
    const inOrder = (): string[] => ids().filter((id) => get().selected.includes(id));
    const remove = (label: string): void => {
      const { selected } = get();
      if (selected.length === 0) return;
      const all = ids();
      const last = Math.max(...selected.map((id) => all.indexOf(id)));
      const next = all.slice(last + 1).find((id) => !selected.includes(id));
      const before = all
        .slice(0, last)
        .reverse()
        .find((id) => !selected.includes(id));
      get().edit(`${label} ${many(selected.length)}`, (d) => removeSteps(d, selected));
      const go = next ?? before;
      get().select(go ? [go] : []);
    };
    const copy = (): void => {
      const { value: brk, selected } = get();
      if (selected.length === 0) return;
      clipboard.put(clipOf(brk, selected));
      void message.info(
        `${selected.length} step${selected.length === 1 ? '' : 's'} copied. Paste here or in another break.`,
      );
    };
    const addStep = (move: Move, afterId: string | null | undefined, beforeId?: string | null): void => {
      const step = stepOf(move, newId(), approach);
      get().edit(`add ${move.name}`, (d) => {
        if (beforeId === undefined) insertStep(d, step, afterId ?? null);
        else {
          const at = d.items.findIndex((it) => it.id === beforeId);
          d.items.splice(at < 0 ? d.items.length : at, 0, step);
        }
        placeLikeBeside(d, step.id, lookup);
      });
      get().select([step.id]);
    };
    let addedKey = '';
    /** Puts a move where its phase and area have their place, and says where that is. */
    const addWhereItBelongs = (move: Move): void => {
      const step = stepOf(move, newId(), approach);
      let said = '';
      get().edit(`add ${move.name}`, (d) => {
        const before = { ...d, items: [...d.items] };
        const beside = insertWhereItBelongs(d, step, move, lookup, approach);
        said = besideWords(move, beside, before, lookup);
        placeLikeBeside(d, step.id, lookup);
      });
      get().select([step.id]);
      // One at a time. One that is just going away would take what is put into it with it: each is a new one.
      message.destroy(addedKey);
      addedKey = `added ${step.id}`;
      void message.info({ key: addedKey, content: said, duration: 4 });
    };
    return {
      changeOf,
      changeAll,
      add: addWhereItBelongs,
      /** Adds a move before an item, or at the end. */
      addBefore: (move: Move, itemId: string | null): void => addStep(move, null, itemId),
      addPause: (moveId: 'pause-rest' | 'pause-note' | 'pause-look'): void => {
        const move = lookup(moveId);
        if (!move) return;
        addStep(move, shown());
        // A note is there to be written: its field takes the keys as soon as it is on the page.
        freshNote.id = move.onlyWords ? (shown() ?? null) : null;
      },
      remove: (): void => remove('remove'),
      copy,
      cut: (): void => {
        copy();
        remove('cut');
      },
      paste: (): void => {
        const clip = clipboard.get();
        if (!clip) {
          tell('Nothing has been copied yet. Choose steps and copy them first.');
          return;
        }
        if (moveIdsOf(clip).some((id) => !lookup(id))) {
          tell('What was copied uses a move that is not here.');
          return;
        }
        const items = withNewIds(clip.items, newId);
        const pasted = stepsOf({ items }).map((s) => s.id);
        get().edit(`paste ${many(pasted.length)}`, (d) => {
          insertItems(d, items, shown() ?? null);
        });
        get().select(pasted);
      },
      duplicate: (): void => {
        const chosen = inOrder();
        let made: string[] = [];
        get().edit(`duplicate ${many(chosen.length)}`, (d) => {
          made = duplicate(d, chosen, newId);
        });
        if (made.length > 0) get().select(made);
      },
      all: (): void => get().select(ids()),
      /** One place up or down; with `whole`, the chain it is a link of. */
      move: (by: 1 | -1, whole = false): void => {
        const chosen = inOrder();
        get().edit(`move ${many(chosen.length)}`, (d) => nudge(d, chosen, by, whole));
      },
      step: (by: 1 | -1, extend: boolean): void => {
        const all = ids();
        const at = all.indexOf(shown() ?? '');
        const next = all[at < 0 ? (by > 0 ? 0 : all.length - 1) : at + by];
        if (!next) return;
        if (!extend) {
          get().select([next]);
          return;
        }
        const anchor = all.indexOf(get().selected[0] ?? next);
        const to = all.indexOf(next);
        const range = all.slice(Math.min(anchor, to), Math.max(anchor, to) + 1);
        get().select(anchor <= to ? range : range.reverse());
      },
      dose: (by: 1 | -1): void =>
        changeAll('change the dose', (s) => {
          s.dose = nextDose(s.dose, by);
        }),
      range: (by: 1 | -1): void =>
        changeAll('range', (s) => {
          s.dose = nextRange(s.dose, by);
        }),
      held: (by: 1 | -1): void =>
        changeAll('held repetitions', (s) => {
          s.dose = nextHeld(s.dose, by);
        }),
      open: (): void =>
        changeAll('open hold', (s) => {
          s.dose = openOrNot(s.dose);
        }),
      breath: (by: 1 | -1): void =>
        changeAll('own breath', (s) => {
          const breath = nextBreath(s, get().value.pace, by);
          if (breath) s.breath = breath;
          else delete s.breath;
        }),
      /** All of one way first, of what usually goes from side to side. */
      oneByOne: (): void =>
        toggle('one by one', 'oneByOne', (s, move) => isTwoWay(move) && s.dose.measure === 'reps'),
      /** A link of a series the other way round. */
      turned: (): void =>
        toggle(
          'turn the link',
          'turned',
          (s, move) => isTwoWay(move) && chainOf(get().value, s.id) !== undefined,
        ),
      rounds: (by: 1 | -1): void => {
        const id = shown();
        if (!id) return;
        get().edit('change the rounds', (d) => {
          const chain = chainOf(d, id);
          if (!chain) return;
          const rounds = Math.min(MOST_CHAIN_ROUNDS, (chain.rounds ?? 1) + by);
          if (rounds > 1) chain.rounds = rounds;
          else delete chain.rounds;
        });
      },
      sets: (by: 1 | -1): void =>
        changeAll('change the sets', (s) => {
          s.sets = Math.min(10, Math.max(1, s.sets + by));
        }),
      rung: (by: 1 | -1): void =>
        changeAll('change the rung', (s, move) => {
          const at = move.rungs.findIndex((r) => r.name === rungOf(move, s.rung)?.name);
          const next = move.rungs[at + by];
          if (next && next.name === rungOf(move)?.name) delete s.rung;
          else if (next) s.rung = next.name;
        }),
      wholeBreaths: (): void =>
        changeAll('whole breaths', (s) => {
          const on = s.wholeBreaths ?? get().value.wholeBreaths;
          if (s.dose.measure === 'seconds') s.wholeBreaths = !on;
        }),
      directions: (): void =>
        changeAll('change the directions', (s, move) => {
          if (move.ways.directions) s.directions = nextDirections(s);
        }),
      lock: (): void => toggle('lock the dose', 'locked'),
      keep: (): void => toggle('keep', 'keep'),
      chain: (): void => {
        const { selected, value: brk } = get();
        if (tell(whyNoChain(brk, selected))) return;
        get().edit('make a series', (d) => makeChain(d, selected, newId()));
      },
      unchain: (): void => {
        const chain = chainOf(get().value, shown() ?? '');
        if (chain) get().edit('take the series apart', (d) => breakChain(d, chain.id));
      },
      turnChain: (): void => {
        const id = shown();
        if (id) get().edit('turn the series', (d) => turnChain(d, id));
      },
      split: (): void => {
        const id = shown();
        if (!id || tell(whyNoSplit(get().value, id, lookup))) return;
        const second = newId();
        get().edit('split into sides', (d) => splitSides(d, id, second));
        get().select([id, second]);
      },
      swapFirst: (): void => {
        const { selected } = get();
        get().edit('change the first side', (d) => swapFirst(d, selected));
      },
      mirror: (): void => get().replace('mirror the break', mirrorBreak),
      /** Puts a finding right. */
      fix: (fix: Fix): void => {
        const before = new Set(ids());
        get().edit(fixWords(fix).toLowerCase(), (d) => applyFix(d, fix, { lookup, approach, newId }));
        const added = ids().filter((id) => !before.has(id));
        if (added.length > 0) get().select(added);
      },
      /** Takes a suggestion over into this break: its steps, slot and what it is for. */
      takeSuggestion: (suggested: Break): void => {
        const items = withNewIds(suggested.items, newId);
        get().edit('take a suggestion', (d) => {
          d.items = items;
          d.slotSec = suggested.slotSec;
          d.firstSide = suggested.firstSide;
          d.pace.exhaleRatio = suggested.pace.exhaleRatio;
          for (const key of ['calm', 'onCall', 'targets', 'approach'] as const)
            if (suggested[key] === undefined) delete d[key];
            else Object.assign(d, { [key]: suggested[key] });
          delete d.aside;
        });
        get().select([]);
      },
      /** Does another move in place of one step. */
      swap: (stepId: string, move: Move): void =>
        get().edit(`swap for ${move.name}`, (d) =>
          applyFix(d, { do: 'swap', stepId, moveId: move.id, name: move.name }, { lookup, approach, newId }),
        ),
    };
  }, [store, lookup, approach, message]);
};

export type Actions = ReturnType<typeof useActions>;
