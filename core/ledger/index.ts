export * from './gives';
export * from './ledger';
