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
	const byId = new Map(columns.map((c) => [c.id, c]));
	const align = (id: string) => byId.get(id)?.align ?? '';
	const table = constructTable<typeof features, Row & object>({
		features,
		data: rows as readonly (Row & object)[] as (Row & object)[],
		manualSorting: true,
		initialState: { sorting: sort ? [{ id: sort, desc: down }] : [] },
		columns: columns.map((c) => ({
			id: c.id,
			header: c.title,
			accessorFn: (r: Row) => c.value(r),
			enableSorting: c.sortable === true
		}))
	});
	return {
		heads: table.getHeaderGroups()[0]!.headers.map((h) => ({
			id: h.column.id,
			title: byId.get(h.column.id)!.title,
			sortable: h.column.getCanSort(),
			sorted: h.column.getIsSorted(),
			align: align(h.column.id)
		})),
		rows: table.getRowModel().rows.map((r) => ({
			id: r.id,
			original: r.original,
			cells: r.getAllCells().map((c) => ({
				id: c.column.id,
				value: c.getValue() as string | number | null,
				align: align(c.column.id)
			}))
		}))
	};
}
