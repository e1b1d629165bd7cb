/**
 * Sizes of the drawn body, cm. A generic adult of about 170 cm, with head, hands and feet a little enlarged so
 * that they read at 64 px. Common practice in figure drawing, no source.
 */
export const BODY = {
  pelvisY: 48,
  floorSeatY: 11,
  pelvis: 9,
  spineLow: 12,
  spineMid: 13,
  spineTop: 13,
  neck: 9.5,
  head: 11,
  clavicle: 17.5,
  shoulderDrop: 4,
  upperArm: 29,
  forearm: 25,
  palm: 8.5,
  finger: 8,
  hipHalf: 9,
  thigh: 42,
  shank: 40,
  ankle: 8,
  heel: 5,
  ball: 13,
  toe: 6,
} as const;
