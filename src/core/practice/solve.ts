/** Solves a small system with a positive definite matrix, by Gauss's elimination. */
export function solve(matrix: number[][], right: readonly number[]): readonly number[] {
  const size = right.length;
  const rows = matrix.map((row, index) => [...row, right[index] ?? 0]);
  for (let pivot = 0; pivot < size; pivot++) {
    const pivotRow = rows[pivot] ?? [];
    for (const [index, row] of rows.entries()) {
      if (index === pivot) continue;
      const factor = (row[pivot] ?? 0) / (pivotRow[pivot] ?? 1);
      for (let column = pivot; column <= size; column++) {
        row[column] = (row[column] ?? 0) - factor * (pivotRow[column] ?? 0);
      }
    }
  }
  return rows.map((row, index) => (row[size] ?? 0) / (row[index] ?? 1));
}
