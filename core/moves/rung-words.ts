import type { Cues } from '../model';

type Words = Partial<Cues>;

/**
 * The words of rungs that are done in another way than the usual one: whoever is told "lay your hands on your head"
 * cannot be on the rung "hands stay in the lap". What is not named here is true of the rung as the move says it. By move,
 * then by the name of the rung.
 */
export const RUNG_WORDS: Readonly<Record<string, Readonly<Record<string, Words>>>> = {
  'sit-tall': {
    leaning: {
      say: 'Put both feet flat, knees over heels. Let the back of the chair carry the low back, and grow tall along it.',
    },
  },
  'check-in': {
    'eyes open': {
      say: 'Rest your hands in your lap and your eyes on one spot on the floor. Notice how your body feels at this moment.',
      back: 'Lift your eyes.',
    },
  },
  'posture-minute': {
    'against the chair': {
      say: 'For one minute, sit as tall as is easy, the low back against the chair: weight on both sitting bones, chin level.',
    },
  },
  'slow-breaths': {
    'own pace': {
      say: 'Breathe in through the nose, and let a longer breath out through {outlet}, at your own pace.',
      breathe: 'As slowly as is easy for you.',
    },
  },
  'long-exhale': {
    'a little longer': {
      say: 'Breathe in through the nose. Purse the lips and let the breath out a little longer than it came in.',
      go: 'In, and out a little longer.',
      breathe: 'Out a little longer than in.',
      last: 'One last breath out.',
    },
  },
  'belly-breaths': {
    'just watch': {
      say: 'One hand on the chest, one on the belly. Feel which hand moves, and change nothing.',
      go: 'Just feel.',
      feel: 'Feel the hands lift and sink.',
      check: 'Nothing to do; watch.',
      breathe: 'The breath comes and goes by itself.',
      last: 'One more breath to watch.',
    },
  },
  'sigh-out': {
    aloud: {
      say: 'Breathe in deeply and let the shoulders rise with it. Open the mouth, sigh aloud, and let everything drop.',
    },
  },
  'arms-up-breath': {
    'to shoulder height': {
      say: '{Going} and float both arms to shoulder height. {Coming} and let them come down.',
      go: 'Float them to the height of the shoulders.',
    },
  },
  'quiet-rest': {
    tall: {
      say: 'Sit by yourself, palms turned to the ceiling on your thighs, eyes soft. I will say when it is over.',
    },
  },
  'quiet-rest-eyes-closed': {
    'eyes lowered': {
      say: 'Rest your eyes on your hands and leave them there. It will be quiet now; you will hear when it ends.',
      back: 'Lift your eyes and look round the room.',
    },
  },
  'check-out': {
    'in silence': {
      say: 'Check in once more, each for yourself: body, breath, mind.',
      last: 'Keep what you noticed.',
    },
  },
  'palms-over-eyes': {
    'hands a little away': {
      say: 'Rub the palms warm, lower your eyes, and hold a palm a little away from each, as a shade.',
      go: 'Into the shade.',
      feel: 'Feel the warmth.',
      last: 'Lower the hands slowly.',
      back: 'Look up and blink.',
    },
  },
  'look-far': {
    'across the room': {
      say: 'Look from the screen to the farthest corner of the room. Let the eyes rest there.',
    },
  },
  'nod-and-lift': {
    'down only': {
      say: 'Lower your chin slowly toward the chest, and come back until your eyes are level. No farther up than that.',
      feel: 'Feel the back of the neck.',
      check: 'Long neck; level is high enough.',
      breathe: '{Going} down, {coming} to level.',
    },
  },
  'chin-glide': {
    'stay a moment': {
      say: 'Look straight ahead and glide your chin back, as if making room behind your ears. Stay for two seconds, let go.',
    },
  },
  'chin-glide-lift': {
    'glide only': {
      say: 'Glide the chin straight back, eyes level, and let go again.',
      go: 'Glide back.',
      feel: 'Feel the back of the neck grow long.',
      check: 'The eyes stay level all the time.',
      breathe: '{Going} as you glide.',
      last: 'One last glide.',
    },
  },
  'gaze-in-side-bend': {
    'down only': {
      say: 'Let the {side} ear sink. From there look down to your {side} thigh, and level again.',
      again: '{Side} ear sinks; look down, and level.',
      breathe: '{Going} down, {coming} to level.',
      last: 'Once more down, and level.',
    },
  },
  'nose-to-armpit': {
    'hand on the shoulder blade': {
      say: 'Lay your {other} hand on its own shoulder blade. Turn your head halfway {side}, and lower the nose to the armpit.',
      again: '{Other} hand on its shoulder blade; nose toward the {side} armpit.',
      back: 'Lift the chin, turn to the front, hand to {lap}.',
    },
  },
  'chin-up-and-over': {
    'tilt only': {
      say: 'Let the {side} ear sink a little, the chin level, and stay there.',
      again: '{Side} ear sinks, chin level.',
      go: 'Let it sink.',
      feel: 'You feel it along the {other} side of the neck.',
      back: 'Head to the middle.',
    },
  },
  'collarbone-anchor': {
    'anchor and tilt': {
      say: 'Lay both hands on the {side} collarbone and let them weigh. Tilt the head away to the {other}, chin level.',
      again: 'Hands on the {side} collarbone; head tilts to the {other}.',
      go: 'Away, chin level.',
      feel: 'You feel it along the {side} side of the neck.',
      back: 'Head to the middle, then the hands.',
    },
  },
  'wrist-behind-side-bend': {
    'arm behind, no draw': {
      say: 'Lay the {other} arm behind your back and let it rest. Let the {side} ear sink to the {side} shoulder.',
      again: '{Other} arm rests behind; {side} ear sinks.',
      back: 'Head first, then the arm.',
    },
    'gentle draw': {
      say: 'Behind your back, hold the {other} wrist and draw it a little. Let the {side} ear sink to the {side} shoulder.',
    },
  },
  'hands-behind-head-chin-down': {
    'chin down only': {
      say: 'Hands stay in the lap. Let the chin sink to the chest, by its own weight.',
      go: 'Let it sink.',
      check: 'Shoulders low, back tall.',
      back: 'Lift the head slowly.',
    },
  },
  'backstroke-arms': {
    'bent elbow': {
      say: 'Hands on the shoulders. Let the {side} elbow circle forward, up and back, then the {other}.',
      again: 'Beginning with the {side} elbow.',
      check: 'The hands stay on the shoulders; the low back stays quiet.',
      last: 'Once more each elbow.',
    },
  },
  'palm-up-palm-down': {
    'arms low': {
      say: 'Arms out, half-way up. Turn the {side} palm up and the {other} palm down, and look to the open hand. Then change.',
      check: 'Arms stay low, shoulders too.',
    },
  },
  'strap-overhead-behind': {
    'up and down in front': {
      say: 'Hold the strap wide. Lift it in front of you as high as is easy, and come back down.',
      feel: 'Feel the shoulders move.',
      breathe: '{Going} up, {coming} down.',
      last: 'Up once more.',
    },
  },
  'blade-circles-arms-out': {
    'hands on shoulders': {
      say: 'Hands on the shoulders. Circle the shoulder blades up, {direction} and down; the elbows only go along.',
      check: 'Elbows stay low, neck long.',
      back: 'Hands to {lap}.',
    },
  },
  'goalpost-arms': {
    'half-way': {
      say: 'Arms like goalposts. {Going} and slide the hands to the height of the ears; {coming} and draw the elbows down.',
    },
  },
  'sweep-out-and-home': {
    'bent elbow': {
      say: 'Bend the {side} elbow. Sweep it out to the {side}, close to the body, and bring it home.',
      again: 'Now the {side} elbow: out, and home.',
      check: 'The elbow stays at your side.',
    },
  },
  'sweep-up-in-turn': {
    'to shoulder height': {
      say: 'Turn a little to the {side}. Sweep the {side} arm forward to shoulder height and out, eyes following, and home.',
      again: 'Turn {side}; {side} arm out at shoulder height.',
      go: 'Sweep out.',
      breathe: '{Going} out, {coming} home.',
    },
  },
  'small-arm-circles': {
    'arms low': {
      say: 'Arms out to the sides, below the shoulders, loose fists. Draw small circles {direction}, no larger than a saucer.',
    },
  },
  'forearms-up-down': {
    'elbows low': {
      say: 'Elbows half-way up, hands ahead. Turn the forearms up and down; the elbows stay where they are.',
    },
  },
  'arm-across': {
    low: {
      say: 'Let your {side} arm rest low across your chest, the {other} hand only carries the elbow.',
      go: 'Let it rest.',
    },
    'forearm upright': {
      say: 'Bring your {side} arm across your chest, bend the elbow, forearm upright, and hold it with the {other} hand.',
    },
  },
  'back-of-arm-overhead': {
    'elbow in front': {
      say: 'Lift the {side} elbow in front to shoulder height, hand to its own shoulder. The {other} hand steadies the elbow.',
      again: '{Side} elbow in front, hand to its own shoulder.',
    },
  },
  'strap-behind-back': {
    'strap short': {
      say: 'Strap in the {side} hand, over the shoulder. Catch it behind your waist and let the hands creep nearer.',
    },
  },
  'hug-and-lift-elbows': {
    'just hug': {
      say: 'Hug yourself, {side} arm on top, fingers round the shoulder blades. The elbows stay low.',
      go: 'And hug.',
      back: 'Let go.',
    },
  },
  'wrapped-forearms': {
    'elbows stacked': {
      say: 'Cross your elbows in front, {side} arm on top, hands on the opposite shoulders. Lift the elbows a little.',
    },
    'backs of the hands': {
      say: 'Cross your elbows in front, {side} arm on top, forearms upright, backs of the hands together. Lift a little.',
    },
    'palms meet': {
      say: 'Cross your elbows in front, {side} arm on top, and wrap the forearms until the palms meet. Lift a little.',
    },
  },
  'clasp-forward': {
    'hands not clasped': {
      say: 'Arms ahead as if round a barrel, at chest height. Push away and let the upper back round.',
    },
  },
  'clasp-overhead': {
    'hands on the head': {
      say: 'Rest your clasped hands on the crown. {Going} to grow, {coming} to sink the shoulders.',
      go: 'Grow.',
      feel: 'You feel it along both flanks.',
      check: 'The hands weigh nothing; ribs quiet.',
      back: 'Open the hands and lower them.',
    },
  },
  'chair-back-chest': {
    'reach back': {
      say: 'From the front edge, reach both hands back a little. Lift the breastbone and draw the blades together.',
      back: 'Hands to the lap.',
    },
  },
  'clasp-behind': {
    'hands on the low back': {
      say: 'Lay your hands on the low back, {side} hand on top. Draw the elbows together and lift the breastbone.',
      again: 'Change: {side} hand on top.',
    },
    'clasped, arms long': {
      say: 'Clasp your hands behind you, {side} thumb in front, arms long. Draw the blades together, lift the breastbone.',
    },
  },
  'elbows-wide': {
    'hands at the temples': {
      say: 'Put your fingertips to your temples and let the elbows open wide. Lift the breastbone a little.',
      check: 'The fingers only touch.',
    },
  },
  'clasp-to-chest-look-up': {
    'gaze level': {
      say: 'Clasp your hands and draw them to the breastbone, elbows down. Lift the breastbone; the gaze stays level.',
      feel: 'You feel it in the front of the chest.',
    },
  },
  'arms-wide-fingers': {
    'soft elbows': {
      say: 'Open your arms out to the sides, {direction}, half-way up, elbows a little bent.',
    },
  },
  'chest-at-wall': {
    'hand low': {
      say: 'Stand beside the wall, {side} hand on it at the height of the waist. Turn your chest away until it opens.',
      again: 'Turn round: {side} hand on the wall, low.',
    },
  },
  'turn-arms-out': {
    'arms crossed': {
      say: 'Cross your arms on the chest. {Going} and turn {side} from the ribs, {coming} and come back, then change.',
      back: 'Arms down.',
    },
  },
  'arms-overhead-turn': {
    'hands on shoulders': {
      say: 'Hands on the shoulders. {Going} and turn to the {side}, still growing; {coming} to the front. Then change.',
      back: 'Hands to {lap}.',
    },
  },
  'press-down': {
    'just lighten': {
      say: 'Hands flat on the seat beside you. Take a little weight with them and grow out of the waist.',
    },
  },
  'side-reach': {
    'hand on the head': {
      say: 'Hold the seat with your {other} hand. {Side} hand on the head, elbow out, and lean over to the {other}.',
      again: 'Now the {side} hand on the head, and over.',
      go: 'Grow first, then over.',
      breathe: '{Going} to grow, then into the long side.',
      back: 'Come up through the middle, and lower the arm.',
    },
  },
  'clasped-hands-side': {
    'hold the wrist': {
      say: 'Arms overhead, {other} hand holds the {side} wrist. Grow, and lean to the {other}, so that the {side} flank opens.',
      again: '{Other} hand holds the {side} wrist; lean so that the {side} flank opens.',
    },
  },
  'seated-turn': {
    'hand on the thigh': {
      say: '{Coming} and grow tall. {Going} and turn {side}; both hands on the {side} thigh.',
    },
    'legs crossed': {
      say: '{Side} leg on top. {Coming} and grow tall. {Going} and turn {side}; {other} hand on the knee, {side} hand behind.',
      again: '{Side} leg on top. Grow tall, and turn {side}.',
      back: 'Unwind slowly, and uncross.',
    },
  },
  'fold-between-knees': {
    'elbows on the thighs': {
      say: 'Feet wide. Lean forward and let your forearms carry you on the thighs; the back rounds a little.',
      go: 'Let the arms carry.',
      back: 'Hands on the thighs, and push yourself up, head last.',
    },
  },
  'wide-knees-dip-shoulder': {
    upright: {
      say: 'Knees wide, a hand on each knee, back long. Press the knees apart gently, and look over the {other} shoulder.',
      again: 'Now look over the {other} shoulder.',
      go: 'Press gently.',
      feel: 'You feel it in the inner thighs.',
      breathe: 'Breathe out and let the knees open.',
    },
  },
  'elbow-on-thigh-arm-over': {
    'hand on the hip': {
      say: 'Knees apart. Rest your {other} forearm on the {other} thigh, {side} hand on the hip, and lean over.',
      again: '{Other} forearm rests, {side} hand on the hip.',
      go: 'Lean over.',
      feel: 'You feel it along the {side} flank.',
      breathe: '{Going} to grow, then into the long side.',
    },
  },
  'lean-back-over-chair': {
    'without leaning': {
      say: 'Sit back, hands behind your head to carry it, elbows wide. Only lift the breastbone; the back stays upright.',
      go: 'Lift.',
      back: 'Chin in, and let the breastbone sink.',
    },
  },
  'chest-drop-at-desk': {
    level: {
      say: 'Stand, hands on the desk, step back until the trunk is level, and let the chest sink between the arms. Knees soft.',
    },
  },
  'standing-fold': {
    'half-way': {
      say: 'Stand with soft knees, hands on the thighs. Lean from the hips, half-way, the back long.',
      go: 'Lean, long back.',
      feel: 'You feel it behind the thighs.',
      check: 'Knees soft, hands carry weight.',
      breathe: 'Breathe out and grow long.',
      back: 'Press up with the hands, slowly.',
    },
  },
  'fist-and-open': {
    'half fist': {
      say: 'Close both hands half-way, thumbs outside, and open them wide again.',
    },
  },
  'stop-signs': {
    'elbows bent': {
      say: 'Elbows at the waist. Hands up as if to say stop, then fingers down. Slowly, up and down.',
      check: 'Elbows stay at the waist, shoulders low.',
      back: 'Hands to {lap}.',
    },
  },
  'squeeze-forearm': {
    stroke: {
      say: 'Rest your {side} forearm. With the {other} hand stroke it slowly, from the elbow down to the wrist.',
      go: 'Stroke.',
      breathe: 'Breathe out with each stroke.',
    },
  },
  'fists-cradled': {
    'half fist': {
      say: 'Carry your {side} elbow in the {other} hand. Close the {side} hand half-way, and open it wide.',
    },
  },
  'fingers-up': {
    'elbow bent': {
      say: '{Side} elbow at the waist, fingers up. With the {other} hand draw the fingers back, lightly.',
      again: 'Now the {side} elbow at the waist, fingers up.',
      check: 'Elbow stays at the waist.',
    },
  },
  'fingers-down': {
    'elbow bent': {
      say: '{Side} elbow at the waist, fingers down. With the {other} hand draw the back of the hand to you, lightly.',
      again: 'Now the {side} elbow at the waist, fingers down.',
      check: 'Elbow stays at the waist, shoulder low.',
    },
  },
  'interlaced-push-away': {
    'palms to you': {
      say: 'Interlace your fingers, palms facing you, and push the knuckles out in front.',
      feel: 'You feel it on the backs of the hands and forearms.',
    },
  },
  'finger-by-finger': {
    'only press': {
      say: 'Press each fingertip of your {side} hand with the other, one by one, thumb included. No drawing back.',
      feel: 'You feel it in the fingertips of the {side} hand.',
      check: 'Wrist straight; light is enough.',
    },
  },
  'prayer-press': {
    'at the chin': {
      say: 'Palms together, hands as high as the chin. Press lightly, and leave them there.',
      go: 'Press lightly.',
      breathe: 'Breathe out and soften.',
      back: 'Let the hands go and shake them.',
    },
  },
  'backs-behind': {
    'hold the elbows': {
      say: 'Reach behind your back and hold your elbows, or the forearms. Draw the shoulders back.',
      feel: 'You feel it in front of the shoulders.',
      back: 'Let go, bring the hands forward and shake them.',
    },
  },
  'palms-under-thighs': {
    'beside the thighs': {
      say: 'Lay your palms on the seat beside the thighs, fingers forward, lightly. Sit tall between them.',
      go: 'Settle.',
      back: 'Lift the hands and shake them.',
    },
  },
  'ankle-circles': {
    'heel on the floor': {
      say: 'Leave your {side} heel on the floor and circle the toes {direction}, as round as they go.',
      again: 'Now the toes of the {side} foot {direction}.',
      check: 'The heel stays down; sit tall.',
      back: 'Toes down.',
    },
  },
  'heel-raises': {
    'hands press': {
      say: 'Feet flat, hands on the thighs. Lift both heels against the hands, and set them down slowly.',
    },
  },
  'knee-straighten': {
    'half-way': {
      say: 'Sit tall. Lift your {side} foot until the knee is half straight, set it down with care, then the {other}.',
      go: 'Half-way.',
    },
  },
  'opposite-hand-foot': {
    'to the knee': {
      say: 'Sit tall. Lift your {other} knee and bring the {side} hand to meet it. Set both down, then the other pair.',
      again: 'Beginning with {side} hand, {other} knee.',
    },
    'to the foot': {
      say: 'Sit tall. Straighten your {other} leg and reach the {side} hand toward the foot. Set both down, then the other pair.',
    },
  },
  'opposite-arm-leg': {
    'leg only slides': {
      say: 'Grow tall. Reach the {side} arm ahead and slide the {other} heel forward. Draw both back, then the other pair.',
      breathe: '{Going} to reach, {coming} to draw back.',
    },
  },
  hover: {
    'hands help': {
      say: 'Feet under the knees, hands on the thighs. Lean forward, press, lift off by a hand’s width, and sit down softly.',
    },
    free: {
      say: 'Feet under the knees, arms ahead. Lean forward, lift off the seat by a hand’s width, stay a moment, sit softly.',
    },
  },
  'hover-and-turn': {
    'seated turn': {
      say: 'Palms together at the chest. Stay on the seat, turn the ribs to the {side}, and come back.',
      go: 'And turn.',
      feel: 'Feel the waist work.',
      back: 'Hands to {lap}.',
    },
  },
  'ankle-on-knee': {
    'heel beside the knee': {
      say: 'Lay your {side} ankle low on the {other} shin, foot flexed, and sit tall.',
      again: 'Now the {side} ankle on the {other} shin.',
      go: 'Grow tall.',
      breathe: 'Breathe out and let the knee sink.',
      back: 'Set the foot down with your hands.',
    },
    upright: {
      say: 'Lay your {side} ankle on the {other} knee, foot flexed. Sit tall; that is far enough.',
      go: 'Grow tall.',
      back: 'Set the foot down with your hands.',
    },
  },
  'leg-out-hinge': {
    upright: {
      say: 'Slide your {side} leg out, heel down, toes up, and sit tall. No leaning.',
      go: 'Grow tall.',
      breathe: 'Breathe out and let the leg grow long.',
      back: 'Draw the foot in.',
    },
    'reach for the foot': {
      say: 'Slide your {side} leg out, heel down, toes up. Lean from the hips, and reach along the shin with a long back.',
    },
  },
  'edge-leg-long': {
    'leg long': {
      say: 'Turn sideways on the seat, a hand on the backrest. Slide your {side} leg back until it is long; sit tall.',
      go: 'Reach it back, and grow.',
    },
  },
  'step-behind-chair': {
    'long step': {
      say: 'Stand behind the chair and hold it. Take a long step back with the {side} leg and bring the {side} hip forward.',
    },
  },
  'crossed-legs-tuck': {
    'simply crossed': {
      say: 'Cross your {side} leg over the {other}, high on the thigh, and sit tall.',
    },
    'foot tucked': {
      say: 'Cross your {side} leg over the {other} and tuck the foot behind the calf. Sit tall.',
    },
  },
  'wide-leg-side-lean': {
    'small lean': {
      say: 'Feet a little wide, a hand on the desk. Bend the {other} knee and lean a little; the {side} leg stays long.',
    },
  },
  'palms-under-soles': {
    'hold the shins': {
      say: 'Lean forward between the knees and hold your shins. Let the back grow round, the head in line with it.',
      go: 'Let it round.',
      back: 'Hands to the thighs, and push yourself up slowly.',
    },
  },
  'grasp-shoulder-top': {
    'lay and weigh': {
      say: 'Lay your {other} hand on top of the {side} shoulder and let it weigh there, no more.',
      go: 'Let it weigh.',
      breathe: 'Breathe out under the hand.',
    },
  },
  'collarbone-taps': {
    stroke: {
      say: 'With loose {other} fingers stroke under the {side} collarbone, out to the shoulder and back.',
      go: 'Stroke.',
      feel: 'You feel the warmth under the {side} collarbone.',
    },
    tap: { feel: 'You feel it hum under the {side} collarbone.' },
  },
  'brow-temples-jaw': {
    stroke: {
      say: 'Fingertips on the brow: stroke outward. Then from the temples, then along the jaw; let the mouth open.',
    },
  },
  'clench-and-let-go': {
    'half strength': {
      say: '{Going}: shoulders up, fists half tight, eyes shut. {Coming}: let all of it go at once.',
      go: 'Tighten, by half.',
    },
  },
  'walk-about': {
    'to the window': {
      say: 'Stand up when you are ready, and walk to the window and back. Arms swing.',
    },
  },
  'open-like-a-book': {
    'hand on the shoulder': {
      say: 'Lie on your {other} side, knees bent, {side} hand on its shoulder. Open the elbow up and over behind you, and back.',
      again: 'Roll over: now the {side} elbow opens.',
    },
  },
  'goalpost-to-floor': {
    'elbows low': {
      say: 'Lie on your back, knees bent. Lay the elbows on the floor near the waist, hands beside them, and let them grow heavy.',
    },
  },
};
