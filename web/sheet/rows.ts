import type { Chain, Kind, Move, Step } from '@kotabi/core/model';
import {
  isResolvedChain,
  meanwhileWords,
  ownDose,
  type Part,
  placedSteps,
  type ResolvedBreak,
  type Timeline,
} from '@kotabi/core/timing';

/** One row of the sheet: a step, or one pass of a chain's link. */
export interface SheetRow {
  step: Step;
  move: Move;
  /** How much of it is done, in words. */
  dose: string;
  /** What is done at the same time, in words; empty where nothing is. */
  meanwhile: string;
  key: string;
  chain: Chain | null;
  /** 0 for the first (or only) time the step comes, 1 for its second side in a chain. */
  pass: 0 | 1;
  startMs: number;
  lengthMs: number;
  parts: Part[];
}

/** What can be dragged as one: a step with its row, or a chain with the rows of both sides. */
export interface SheetItem {
  id: string;
  chain: Chain | null;
  rows: SheetRow[];
  /** Kind of the first step; the phase it belongs to. */
  kind: Kind;
}

/** The rows of a break in the order in which they are led, gathered by what can be dragged. */
export const sheetItems = (resolved: ResolvedBreak, timeline: Timeline): SheetItem[] => {
  const byStep = new Map<string, Part[]>();
  for (const part of timeline.parts) {
    const list = byStep.get(part.stepId);
    if (list) list.push(part);
    else byStep.set(part.stepId, [part]);
  }
  const doses = new Map(placedSteps(resolved).map((at) => [at.step.id, ownDose(at)]));
  const row = (
    { step, move, meanwhile }: { step: Step; move: Move; meanwhile?: Move },
    chain: Chain | null,
    pass: 0 | 1,
    parts: Part[],
  ): SheetRow => ({
    step,
    move,
    dose: doses.get(step.id) ?? '',
    meanwhile:
      meanwhile && step.meanwhile
        ? meanwhileWords({ moveName: meanwhile.name, times: step.meanwhile.times, side: null })
        : '',
    key: `${step.id}.${pass}`,
    chain,
    pass,
    parts,
    startMs: parts[0]?.startMs ?? 0,
    lengthMs: parts.reduce((sum, p) => sum + p.lengthMs, 0),
  });
  const own = (step: Step): Part[] => byStep.get(step.id) ?? [];
  return resolved.items.map((item): SheetItem => {
    if (!isResolvedChain(item))
      return {
        id: item.step.id,
        chain: null,
        kind: item.move.kind,
        rows: [row(item, null, 0, own(item.step))],
      };
    const { chain, links } = item;
    const kind = links[0]?.move.kind ?? 'stretch';
    if (chain.nesting === 'link by link')
      return { id: chain.id, chain, kind, rows: links.map((link) => row(link, chain, 0, own(link.step))) };
    const passRows = ([0, 1] as const).flatMap((pass) =>
      links.flatMap((link): SheetRow[] => {
        const parts = own(link.step).filter((p) => p.pass === pass);
        // A link left out on a side has no row there; on the first pass it keeps one, so that it can be chosen.
        return parts.length > 0 || pass === 0 ? [row(link, chain, pass, parts)] : [];
      }),
    );
    return { id: chain.id, chain, kind, rows: passRows };
  });
};

/** The parts of a row one after the other: what lies between the rounds of a series belongs to other rows. */
export const joined = (parts: readonly Part[]): Part[] => {
  let startMs = 0;
  return parts.map((part) => {
    const own = { ...part, startMs };
    startMs += part.lengthMs;
    return own;
  });
};
