/** The part of jstat that the checks ask. */
declare module 'jstat' {
  const jStat: {
    normal: {
      cdf(x: number, mean: number, std: number): number;
      pdf(x: number, mean: number, std: number): number;
      inv(share: number, mean: number, std: number): number;
      sample(mean: number, std: number): number;
    };
    mean(values: readonly number[]): number;
    stdev(values: readonly number[], ofSample: boolean): number;
    setRandom(chance: () => number): void;
  };
  export default jStat;
}
