import { paceOf, repMs } from '../../../timing';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** What is done meanwhile takes longer, at its usual speed, than what it is done beside. Common practice. */
export const meanwhileLong = eachStep((at, { resolved, timeline }): Finding[] => {
  const { step, move, meanwhile } = at;
  const dose = meanwhile?.dose.usual;
  if (!step.meanwhile || dose?.measure !== 'reps') return [];
  const work = timeline.parts.find((p) => p.stepId === step.id && p.kind === 'work');
  const takesMs = step.meanwhile.times * repMs(dose, paceOf(step, resolved.brk.pace));
  if (!work || takesMs <= work.lengthMs) return [];
  return [
    {
      code: 'meanwhileLong',
      weight: 'caution',
      stepIds: [step.id],
      move: move.name,
      second: meanwhile?.name ?? '',
      times: step.meanwhile.times,
      takesMs,
      roomMs: work.lengthMs,
    },
  ];
});
