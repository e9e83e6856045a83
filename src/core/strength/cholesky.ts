/** A symmetric positive definite matrix taken apart as L·Lᵀ, for the few sets of one person. */
export class Cholesky {
  private readonly lower: readonly (readonly number[])[];

  /** @throws RangeError where the matrix isn't positive definite */
  constructor(matrix: readonly (readonly number[])[]) {
    const lower: number[][] = [];
    matrix.forEach((row, i) => {
      const made: number[] = [];
      for (let j = 0; j <= i; j += 1) {
        const other = j === i ? made : (lower[j] as number[]);
        let sum = row[j] as number;
        for (let k = 0; k < j; k += 1) sum -= (made[k] as number) * (other[k] as number);
        if (j < i) made.push(sum / (other[j] as number));
        else if (sum > 0) made.push(Math.sqrt(sum));
        else throw new RangeError("the matrix isn't positive definite");
      }
      lower.push(made);
    });
    this.lower = lower;
  }

  /** L⁻¹v. */
  private forward(v: readonly number[]): number[] {
    const out: number[] = [];
    this.lower.forEach((row, i) => {
      let sum = v[i] as number;
      for (let k = 0; k < i; k += 1) sum -= (row[k] as number) * (out[k] as number);
      out.push(sum / (row[i] as number));
    });
    return out;
  }

  /** The vector x with A·x = v. */
  solve(v: readonly number[]): readonly number[] {
    const out = this.forward(v);
    for (let i = out.length - 1; i >= 0; i -= 1) {
      let sum = out[i] as number;
      for (let k = i + 1; k < out.length; k += 1) {
        sum -= ((this.lower[k] as readonly number[])[i] as number) * (out[k] as number);
      }
      out[i] = sum / ((this.lower[i] as readonly number[])[i] as number);
    }
    return out;
  }

  /** vᵀA⁻¹v. */
  squared(v: readonly number[]): number {
    return this.forward(v).reduce((sum, x) => sum + x * x, 0);
  }
}
