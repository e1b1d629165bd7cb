/** What became of planned breaks, as far as anyone said. */
export interface Outcomes {
  done: number;
  skipped: number;
}

/** From so many known outcomes on they are used instead of the published figure. Common practice, no source. */
export const ENOUGH_OUTCOMES = 20;

/** The chance of skipping as it really was; null while too little is known. */
export const skipFromLog = ({ done, skipped }: Outcomes): number | null =>
  done + skipped < ENOUGH_OUTCOMES ? null : skipped / (done + skipped);
