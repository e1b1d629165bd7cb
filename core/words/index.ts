export * from './en';
export * from './remembered';
export * from './say';
