import { type JointName, jointInfo, type Pose, SIDED_JOINTS, type SidedJoint } from '../model';
import { hipKneeMotion, jointMotion } from '../reference';
import { angleOf } from './rest';
import { rad } from './space';

/** A published (or customary) range of one motion, and what a pose asks of it. */
export interface NormCheck {
  /** The joint and the motion, in standard words. */
  motion: string;
  /** The joints of the pose that make it up. */
  joints: readonly JointName[];
  /** Degrees (cm for the glide of the head) the pose asks for, signed as the joint is. */
  value: number;
  least: number;
  most: number;
  /** Key of the published source, or null: common practice, no source. */
  source: 'jointMotion' | 'hipKneeMotion' | null;
}

const M = jointMotion;
const L = hipKneeMotion;

/** Ranges of single joints. Null means common practice, no source. */
const SINGLE: Partial<
  Record<
    SidedJoint | 'neck.side' | 'neck.turn' | 'neck.nod' | 'neck.glide',
    [number, number, NormCheck['source']]
  >
> = {
  'neck.side': [-M.neckSideDeg, M.neckSideDeg, 'jointMotion'],
  'neck.turn': [-M.neckTurnDeg, M.neckTurnDeg, 'jointMotion'],
  'neck.nod': [-15, 15, null],
  'neck.glide': [-3, 5, null],
  'shoulder.lift': [-5, 20, null],
  'shoulder.forward': [-20, 20, null],
  'elbow.bend': [0, L.elbowDeg, 'hipKneeMotion'],
  'forearm.turn': [-L.forearmDeg, L.forearmDeg, 'hipKneeMotion'],
  'wrist.bend': [-M.wristExtensionDeg, M.wristFlexionDeg, 'jointMotion'],
  'wrist.tilt': [-M.wristUlnarDeg, M.wristRadialDeg, 'jointMotion'],
  'fingers.curl': [-30, 90, null],
  'fingers.spread': [0, 20, null],
  'hip.twist': [-L.hipRotationDeg, L.hipRotationDeg, 'hipKneeMotion'],
  'knee.bend': [0, L.kneeDeg, 'hipKneeMotion'],
  'ankle.bend': [-L.anklePlantarDeg, L.ankleDorsalDeg, 'hipKneeMotion'],
  'toes.bend': [-30, 40, null],
};

/** The range of a joint and where it is published; a null source: common practice, no source. */
export type Norm = Pick<NormCheck, 'least' | 'most' | 'source'>;

/** Joints whose norm is that of a sum, and what else goes into the sum. */
const SHARED: Partial<Record<string, { least: number; most: number; with: JointName }>> = {
  'upper.flex': { least: -M.trunkExtensionDeg, most: M.trunkFlexionDeg, with: 'low.flex' },
  'low.flex': { least: -M.trunkExtensionDeg, most: M.trunkFlexionDeg, with: 'upper.flex' },
  'upper.side': { least: -M.trunkSideDeg, most: M.trunkSideDeg, with: 'low.side' },
  'low.side': { least: -M.trunkSideDeg, most: M.trunkSideDeg, with: 'upper.side' },
  'upper.turn': { least: -M.trunkTurnDeg, most: M.trunkTurnDeg, with: 'low.turn' },
  'low.turn': { least: -M.trunkTurnDeg, most: M.trunkTurnDeg, with: 'upper.turn' },
  'neck.flex': { least: -M.neckExtensionDeg, most: M.neckFlexionDeg, with: 'neck.nod' },
};

/**
 * The range that a pose leaves to one joint, for the pose editor. Where the norm is that of a sum (the whole trunk, the
 * hips with the lean), what the other joint has taken of it already is gone.
 */
export const normIn = (pose: Pose, name: JointName): Norm => {
  const key = name.replace(/^(left|right)\./, '');
  const range = SINGLE[key as keyof typeof SINGLE];
  if (range) return { least: range[0], most: range[1], source: range[2] };
  const shared = SHARED[key];
  if (shared) {
    const taken = angleOf(pose, shared.with);
    return { least: shared.least - taken, most: shared.most - taken, source: 'jointMotion' };
  }
  const side = name.startsWith('right.') ? 'right' : 'left';
  switch (key) {
    case 'arm.raise':
      return { least: 0, most: raiseLimit(angleOf(pose, `${side}.arm.across`)), source: 'jointMotion' };
    case 'arm.twist':
      return { least: -M.shoulderExternalDeg, most: M.shoulderInternalDeg, source: 'jointMotion' };
    case 'arm.across':
      return { least: -90, most: L.shoulderAcrossDeg, source: 'hipKneeMotion' };
    case 'hip.out':
      return { least: -L.hipAdductionDeg, most: L.hipAbductionDeg, source: 'hipKneeMotion' };
    case 'hip.bend': {
      const lean = angleOf(pose, 'trunk.hinge');
      return { least: -L.hipExtensionDeg - lean, most: L.hipFlexionDeg - lean, source: 'hipKneeMotion' };
    }
    case 'trunk.hinge': {
      const bends = [angleOf(pose, 'left.hip.bend'), angleOf(pose, 'right.hip.bend')];
      return {
        least: -L.hipExtensionDeg - Math.min(...bends),
        most: L.hipFlexionDeg - Math.max(...bends),
        source: 'hipKneeMotion',
      };
    }
    default:
      throw new Error(`${name} has no range`);
  }
};

/** How far back an arm may be lifted: 60 degrees straight behind, growing to 180 as it comes to the side. */
const raiseLimit = (across: number): number => {
  if (across >= 0) return M.shoulderRaiseDeg;
  const back = Math.sin(rad(Math.min(90, -across)));
  return Math.min(M.shoulderRaiseDeg, M.shoulderExtensionDeg / Math.max(back, 1 / 3));
};

/**
 * The roll of the upper arm as the norm measures it. The norm has its zero with the arm hanging or out to the
 * side; where the arm is swung forward as well, its zero can be carried along either way, so the roll that is
 * asked for is the smaller of both readings.
 */
const rollAsked = (twist: number, across: number, raise: number): number => {
  const carried = twist - Math.max(0, across) * (1 - Math.cos(rad(raise)));
  return twist > 0 ? Math.max(Math.min(twist, carried), -M.shoulderExternalDeg) : twist;
};

const SMALL_RAISE_DEG = 25;

/** Everything a pose asks of a norm. Sums of segments are checked as the norms measure them, as a whole. */
export const normChecks = (pose: Pose): NormCheck[] => {
  const a = (name: JointName): number => angleOf(pose, name);
  const check = (
    motion: string,
    joints: readonly JointName[],
    value: number,
    least: number,
    most: number,
    source: NormCheck['source'],
  ): NormCheck => ({ motion, joints, value, least, most, source });
  /** A motion to which several joints add. */
  const sum = (
    motion: string,
    joints: readonly JointName[],
    least: number,
    most: number,
    source: NormCheck['source'],
  ): NormCheck =>
    check(
      motion,
      joints,
      joints.reduce((all, j) => all + a(j), 0),
      least,
      most,
      source,
    );
  const checks: NormCheck[] = [
    sum('Neck flexion', ['neck.flex', 'neck.nod'], -M.neckExtensionDeg, M.neckFlexionDeg, 'jointMotion'),
    sum('Trunk flexion', ['low.flex', 'upper.flex'], -M.trunkExtensionDeg, M.trunkFlexionDeg, 'jointMotion'),
    sum('Trunk side bend', ['low.side', 'upper.side'], -M.trunkSideDeg, M.trunkSideDeg, 'jointMotion'),
    sum('Trunk rotation', ['low.turn', 'upper.turn'], -M.trunkTurnDeg, M.trunkTurnDeg, 'jointMotion'),
  ];
  for (const key of ['neck.side', 'neck.turn', 'neck.nod', 'neck.glide'] as const) {
    const [least, most, source] = SINGLE[key] ?? [0, 0, null];
    checks.push(check(`${jointInfo(key).joint}, ${key.split('.')[1]}`, [key], a(key), least, most, source));
  }
  for (const side of ['left', 'right'] as const) {
    const of = (j: SidedJoint): number => a(`${side}.${j}`);
    const name = (what: string): string => `${side} ${what}`;
    for (const joint of Object.keys(SIDED_JOINTS) as SidedJoint[]) {
      const range = SINGLE[joint];
      if (range) checks.push(check(name(joint), [`${side}.${joint}`], of(joint), ...range));
    }
    const across = of('arm.across');
    const roll = rollAsked(of('arm.twist'), across, of('arm.raise'));
    checks.push(
      check(
        name('shoulder rotation'),
        [`${side}.arm.twist`],
        roll,
        -M.shoulderExternalDeg,
        M.shoulderInternalDeg,
        'jointMotion',
      ),
    );
    checks.push(
      check(
        name('shoulder elevation'),
        [`${side}.arm.raise`],
        of('arm.raise'),
        0,
        raiseLimit(across),
        'jointMotion',
      ),
    );
    // With the arm hanging its plane means nothing yet.
    if (of('arm.raise') > SMALL_RAISE_DEG && of('arm.raise') < 155)
      checks.push(
        check(
          name('shoulder, horizontal'),
          [`${side}.arm.across`],
          across,
          -90,
          L.shoulderAcrossDeg,
          'hipKneeMotion',
        ),
      );
    const bend = of('hip.bend');
    checks.push(
      check(
        name('hip flexion'),
        [`${side}.hip.bend`, 'trunk.hinge'],
        bend + a('trunk.hinge'),
        -L.hipExtensionDeg,
        L.hipFlexionDeg,
        'hipKneeMotion',
      ),
    );
    // A hanging thigh has no plane yet; the more it is lifted, the more its plane means.
    const out = Math.abs(Math.sin(rad(bend))) * of('hip.out');
    checks.push(
      check(
        name('hip abduction'),
        [`${side}.hip.out`],
        out,
        -L.hipAdductionDeg,
        L.hipAbductionDeg,
        'hipKneeMotion',
      ),
    );
  }
  return checks;
};

/** What of a pose lies outside its norm, by more than rounding. */
export const outsideNorms = (pose: Pose): NormCheck[] =>
  normChecks(pose).filter(({ value, least, most }) => value < least - 0.5 || value > most + 0.5);
