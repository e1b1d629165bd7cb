export * from '../solver';
export * from './candidates';
export * from './character';
export * from './likely';
export * from './reasons';
export * from './request';
export * from './suggest';
export * from './swap';
