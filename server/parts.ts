// The parts of the server, for whoever puts one together and runs it in a program of their own, as the browser tests do.
export { createApp } from './app';
export { createContext } from './context';
export { BackupFolder } from './db/backup';
export { openDatabase } from './db/open';
export { demoStandIns } from './demo/calendars';
export { loadDemo, subscribeDemo } from './demo/load';
export { listen } from './listen';
export { createLogger } from './log';
export { webDir } from './paths';
export { createPool, type Pool } from './pool/pool';
export { startClockwork } from './reminders/clockwork';
export { Seal } from './seal/seal';
export { createStandIn } from './stand-ins/calendars';
