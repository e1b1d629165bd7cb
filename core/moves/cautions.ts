/** Cautions that belong to kinds of movement, written once. Common practice, no source. */
export const CARE = {
  neck: 'Slowly, and never to pain. Dizzy, double vision, numb or tingling: stop and sit still.',
  noPull: 'The weight of the hand at most; do not pull.',
  lookUp: 'Lift the gaze only as far as the neck stays long; no dropping the head back.',
  throat: 'Stay off the front and the sides of the neck: arteries run there.',
  shoulder: 'Keep under the height where the shoulder pinches.',
  back: 'Brace the belly gently before you turn or fold, and move from the ribs.',
  headLow: 'Head low: keep your eyes open, come up slowly, and leave it out if it makes you dizzy.',
  wrist: 'Gently. Tingling in the fingers means stop.',
  knee: 'No twist on a bent knee; keep the foot flexed.',
  rolls: 'A chair that rolls is locked or wedged against the desk or the wall first.',
  balance: 'Keep a hand on the desk or the chair; eyes clear before you stand.',
  breath: 'Never force the breath. Light-headed: let it go back to normal.',
  press: 'Press only as firmly as is pleasant, on muscle and never on bone.',
  effort: 'Breathe on while you work; do not press with held breath.',
} as const;
