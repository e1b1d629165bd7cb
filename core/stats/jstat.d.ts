declare module 'jstat' {
  const jstat: {
    mean(values: readonly number[]): number;
    /** The standard deviation; of a sample where `sample` is true. */
    stdev(values: readonly number[], sample?: boolean): number;
    studentt: { inv(p: number, df: number): number };
    normal: { inv(p: number, mean: number, sd: number): number };
    binomial: { cdf(k: number, n: number, p: number): number };
  };
  export default jstat;
}
