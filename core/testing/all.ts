/** True in a check of everything, where slow references are compared at full length. */
export const everything = process.env.KOTABI_ALL === '1';

/** How many of something are tried: fewer in the usual check, all where everything is checked. */
export const times = (usual: number, all: number): number => (everything ? all : usual);
