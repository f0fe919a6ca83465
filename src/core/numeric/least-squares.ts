import { Matrix, SingularValueDecomposition } from 'ml-matrix';

/** Least-squares solution of rows x = values, with the condition number of the rows (infinite when they do not determine x). */
export function leastSquares(rows: number[][], values: number[]): { solution: number[]; condition: number } {
	const svd = new SingularValueDecomposition(new Matrix(rows), { autoTranspose: true });
	const singular = svd.diagonal;
	const smallest = Math.min(...singular);
	return {
		solution: svd.solve(Matrix.columnVector(values)).to1DArray(),
		condition: smallest === 0 ? Infinity : Math.max(...singular) / smallest
	};
}
