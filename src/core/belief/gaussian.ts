/** Small dense matrices of a Gaussian belief, row by row in one array. */

export type Matrix = Float64Array;

export const zeros = (size: number): Matrix => new Float64Array(size * size);

/** A matrix of nothing but a diagonal. */
export function diagonal(values: Float64Array): Matrix {
  const matrix = zeros(values.length);
  for (const [at, value] of values.entries()) matrix[at * values.length + at] = value;
  return matrix;
}

/** A sum of two matrices or vectors, the second so many times. */
export const plus = (one: Float64Array, other: ArrayLike<number>, by = 1): Float64Array =>
  one.map((value, at) => value + by * (other[at] ?? 0));

export const scaled = (one: Float64Array, by: number): Float64Array => one.map((value) => value * by);

/** A B. */
export function product(a: Matrix, b: Matrix, size: number): Matrix {
  const result = zeros(size);
  for (let row = 0; row < size; row += 1)
    for (let column = 0; column < size; column += 1) {
      let sum = 0;
      for (let k = 0; k < size; k += 1) sum += (a[row * size + k] ?? 0) * (b[k * size + column] ?? 0);
      result[row * size + column] = sum;
    }
  return result;
}

/** The square root of a symmetric positive matrix: lower triangle L with L Lᵀ = A. Throws where there is none. */
export function cholesky(of: Matrix, size: number): Matrix {
  const root = zeros(size);
  for (let row = 0; row < size; row += 1)
    for (let column = 0; column <= row; column += 1) {
      let sum = of[row * size + column] ?? 0;
      for (let k = 0; k < column; k += 1) sum -= (root[row * size + k] ?? 0) * (root[column * size + k] ?? 0);
      if (row === column) {
        if (!(sum > 0)) throw new Error("This matrix is not positive.");
        root[row * size + row] = Math.sqrt(sum);
      } else {
        root[row * size + column] = sum / (root[column * size + column] ?? 1);
      }
    }
  return root;
}

/** Solves A x = b by the root of A. */
function solved(root: Matrix, size: number, b: Float64Array): Float64Array {
  const x = Float64Array.from(b);
  for (let row = 0; row < size; row += 1) {
    let sum = x[row] ?? 0;
    for (let k = 0; k < row; k += 1) sum -= (root[row * size + k] ?? 0) * (x[k] ?? 0);
    x[row] = sum / (root[row * size + row] ?? 1);
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    let sum = x[row] ?? 0;
    for (let k = row + 1; k < size; k += 1) sum -= (root[k * size + row] ?? 0) * (x[k] ?? 0);
    x[row] = sum / (root[row * size + row] ?? 1);
  }
  return x;
}

/** The inverse of a symmetric positive matrix. Example: that of a diagonal of variances holds one over each. */
export function inverse(of: Matrix, size: number): Matrix {
  const root = cholesky(of, size);
  const result = zeros(size);
  for (let column = 0; column < size; column += 1) {
    const unit = new Float64Array(size);
    unit[column] = 1;
    const x = solved(root, size, unit);
    for (let row = 0; row < size; row += 1) result[row * size + column] = x[row] ?? 0;
  }
  return result;
}

/** A x. */
export function times(matrix: Matrix, x: Float64Array): Float64Array {
  const size = x.length;
  return Float64Array.from({ length: size }, (_, row) => {
    let sum = 0;
    for (let k = 0; k < size; k += 1) sum += (matrix[row * size + k] ?? 0) * (x[k] ?? 0);
    return sum;
  });
}

export const dot = (a: Float64Array, b: Float64Array): number =>
  a.reduce((sum, value, index) => sum + value * (b[index] ?? 0), 0);

/** Adds a multiple of x xᵀ in place. */
export function addOuter(matrix: Matrix, x: Float64Array, by: number): void {
  const size = x.length;
  for (let row = 0; row < size; row += 1)
    for (let column = 0; column < size; column += 1)
      matrix[row * size + column] =
        (matrix[row * size + column] ?? 0) + by * (x[row] ?? 0) * (x[column] ?? 0);
}
