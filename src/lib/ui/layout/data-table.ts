import { constructTable, rowSortingFeature, tableFeatures } from '@tanstack/table-core';
import { storeReactivityBindings } from '@tanstack/table-core/store-reactivity-bindings';

/** One column of a table: what stands above it and what it takes from a row. */
export interface Column<Row> {
	id: string;
	title: string;
	value: (row: Row) => string | number | null;
	sortable?: boolean;
	align?: 'right';
}

const features = tableFeatures({ coreReactivityFeature: storeReactivityBindings(), rowSortingFeature });

export interface TableModel<Row> {
	heads: { id: string; title: string; sortable: boolean; sorted: false | 'asc' | 'desc'; align: string }[];
	rows: {
		id: string;
		original: Row;
		cells: { id: string; value: string | number | null; align: string }[];
	}[];
}

/** Headings with their state and rows with their cells; the rows come in the order the server gave them. */
export function columnsOf<Row>(
	columns: readonly Column<Row>[],
	rows: readonly Row[],
	sort: string,
	down: boolean
): TableModel<Row> {
	const byId = new Map(columns.map((column) => [column.id, column]));
	const align = (id: string) => byId.get(id)?.align ?? '';
	const table = constructTable<typeof features, Row & object>({
		features,
		data: rows as readonly (Row & object)[] as (Row & object)[],
		manualSorting: true,
		initialState: { sorting: sort ? [{ id: sort, desc: down }] : [] },
		columns: columns.map((column) => ({
			id: column.id,
			header: column.title,
			accessorFn: (r: Row) => column.value(r),
			enableSorting: column.sortable === true
		}))
	});
	return {
		heads: table.getHeaderGroups()[0]!.headers.map((header) => ({
			id: header.column.id,
			title: byId.get(header.column.id)!.title,
			sortable: header.column.getCanSort(),
			sorted: header.column.getIsSorted(),
			align: align(header.column.id)
		})),
		rows: table.getRowModel().rows.map((row) => ({
			id: row.id,
			original: row.original,
			cells: row.getAllCells().map((c) => ({
				id: c.column.id,
				value: c.getValue() as string | number | null,
				align: align(c.column.id)
			}))
		}))
	};
}
