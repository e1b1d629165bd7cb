import { type Approach, type Break, type Move, type MoveLookup, otherSide } from '@kotabi/core/model';
import { habitsOf, habitWords } from '@kotabi/core/propose/learned';
import type { Audience } from '@kotabi/core/review';
import type { Suggestion, SuggestProgress, SuggestRequest, SuggestResult } from '@kotabi/core/suggest';
import { Button, Modal, Progress } from 'antd';
import { Sparkles } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useGroups } from '../../../api/queries';
import { likelyWords } from '../../../words/reasons';
import { suggestAway, warmUpSolver } from '../../../workers/solving';
import { useAway } from '../../../workers/useAway';
import styles from './dialogs.module.css';
import { SuggestCards } from './SuggestCards';
import { type Asked, SuggestForm } from './SuggestForm';
import { type Likely, useLikely } from './useLikely';

/** So many areas a suggestion begins with: more do not get enough in a usual slot. */
const MOST_AREAS = 4;

interface Props {
  brk: Break;
  /** Everything that may be suggested: library and own. */
  moves: readonly Move[];
  own: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  audience: Audience | null;
  groupName: string | null;
  lately: readonly string[];
  close: () => void;
  take: (suggestion: Suggestion) => void;
}

/** A small dialogue: what is wanted, then up to three breaks that really differ, each with its reasons. */
export const SuggestDialog = (p: Props) => {
  const likely = useLikely(p.brk.groupId);
  useEffect(warmUpSolver, []);
  // What is proposed stands there from the start: a form that fills itself while one types is no help.
  return likely.known ? <Asking {...p} likely={likely} /> : null;
};

const Asking = (p: Props & { likely: Likely }) => {
  const { brk, lookup, approach, likely } = p;
  const group = useGroups().data?.find((g) => g.value.id === brk.groupId)?.value;
  const habits = group ? habitsOf(group) : null;
  const own = brk.targets && brk.targets.length > 0 ? brk.targets : null;
  const [asked, setAsked] = useState<Asked>({
    slotSec: Math.max(30, brk.slotSec),
    aim: '',
    areas: own
      ? [...own]
      : [
          ...new Set([
            ...(habits?.areas ?? []),
            ...(likely.areas.length > 0 ? likely.areas.map((l) => l.area) : (['neck', 'shoulder'] as const)),
          ]),
        ].slice(0, MOST_AREAS),
    most: null,
    seatedOnly: approach.ending === 'all seated',
    onCall: brk.onCall ?? false,
    calm: brk.calm ?? false,
    things: [],
    avoid: [],
    moreSide: habits?.moreSide ?? null,
    forGroup: true,
  });
  const [progress, setProgress] = useState<SuggestProgress | null>(null);
  /** What has been found while it is still looked for more. */
  const [found, setFound] = useState<readonly Suggestion[]>([]);
  const { result, busy, failure, run, cancel } = useAway<SuggestResult>();
  const [askedFor, setAskedFor] = useState<SuggestRequest['targets']>([]);
  const targets = asked.areas.map((area) => ({ area, weight: area === asked.most ? 3 : 2 }));
  const ask = (): void => {
    setProgress(null);
    setFound([]);
    setAskedFor(targets);
    const request = {
      slotSec: asked.slotSec,
      targets,
      seatedOnly: asked.seatedOnly,
      onCall: asked.onCall,
      calm: asked.calm,
      things: asked.things,
      avoid: asked.avoid,
      moreSide: asked.moreSide,
      lately: [...p.lately],
      firstSide:
        (asked.forGroup && habits?.firstSide) ||
        (p.lately.length > 0 ? otherSide(brk.firstSide) : brk.firstSide),
      avoidMoves: asked.forGroup ? (habits?.moves ?? []).map((m) => m.moveId) : [],
      count: 3,
    };
    const moves = p.moves;
    const audience = asked.forGroup ? p.audience : null;
    const told = (so: SuggestProgress): void => {
      setProgress(so);
      const { found: one } = so;
      if (one) setFound((before) => [...before, one]);
    };
    void run((signal) => suggestAway({ request, moves, approach, audience }, p.own, told, signal));
  };
  return (
    <Modal
      open
      title="Suggest a break"
      width={1080}
      style={{ top: 20 }}
      onCancel={() => {
        cancel();
        p.close();
      }}
      footer={null}
    >
      <div className={styles.suggest}>
        <div>
          <SuggestForm
            asked={asked}
            set={(a) => setAsked((old) => ({ ...old, ...a }))}
            groupName={p.groupName}
            learned={habits && asked.forGroup ? habitWords(habits) : []}
            why={own ? '' : likelyWords(likely.areas.filter((l) => asked.areas.includes(l.area)))}
          />
          <div className={styles.go}>
            {asked.areas.length === 0 && <p className="small">Name at least one area.</p>}
            {busy ? (
              <Button block onClick={cancel}>
                Cancel
              </Button>
            ) : (
              <Button
                block
                type="primary"
                icon={<Sparkles size={15} />}
                disabled={asked.areas.length === 0}
                onClick={ask}
              >
                Suggest
              </Button>
            )}
          </div>
        </div>
        <div className={styles.results} aria-live="polite">
          {busy && (
            <div className={styles.wait}>
              <Progress
                percent={Math.round((found.length / (progress?.of ?? 3)) * 100)}
                showInfo={false}
                status="active"
              />
              <p className="muted">
                Looking for suggestion {Math.min(found.length + 1, progress?.of ?? 3)} of {progress?.of ?? 3}…
              </p>
            </div>
          )}
          {failure && <p role="alert">{failure}</p>}
          {result && !result.ok && (
            <p role="alert">
              Nothing fits: {asked.slotSec < 90 ? 'the slot is too short for' : 'no move is left for'} what
              was asked. Try a longer slot, other areas, or fewer conditions.
            </p>
          )}
          {result?.ok && result.suggestions.length < 3 && (
            <p className="muted small">No other break differs enough and still serves all that was asked.</p>
          )}
          {(result?.ok || (busy && found.length > 0)) && (
            <SuggestCards
              suggestions={result?.ok ? result.suggestions : found}
              all={!busy}
              targets={askedFor}
              lookup={lookup}
              approach={approach}
              take={(s) => {
                p.take(s);
                p.close();
              }}
            />
          )}
          {!result && !busy && !failure && (
            <div className={styles.hint}>
              <p>
                Say how long and what for. Settling, a breath and a close are always there; what is held is
                moved first, both sides get the same, and the time holds all words and changes.
              </p>
              <p className="muted">
                Suggestions are ordinary breaks: change them as you like. What was in the last break is
                repeated only where it is worth it.
              </p>
            </div>
          )}
        </div>
      </div>
    </Modal>
  );
};
