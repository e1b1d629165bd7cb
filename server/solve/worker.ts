import { parentPort, workerData } from 'node:worker_threads';
import { moveLookup } from '@kotabi/core/library/all';
import { highsSolver, suggest } from '@kotabi/core/suggest';
import loadHighs from 'highs';
import type { SolveJob } from './suggest';

/** Suggests in a thread of its own, so that the server goes on answering meanwhile. */
const { request, moves, approach, audience } = workerData as SolveJob;
const solve = highsSolver(await loadHighs());
parentPort?.postMessage(suggest({ request, moves, lookup: moveLookup(moves), approach, audience }, solve));
