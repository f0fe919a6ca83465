<script lang="ts">
	import { rangeOf, type Field } from '$core/calculation/fields';
	import type { Entry } from './entry.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import GroupField from './GroupField.svelte';
	import ListField from './ListField.svelte';
	import LongTextField from './LongTextField.svelte';
	import NumbersField from './NumbersField.svelte';
	import QuantityField from './QuantityField.svelte';
	import TextField from './TextField.svelte';
	import YesNo from './YesNo.svelte';

	interface Props {
		entry: Entry;
		field: Field;
		path?: string;
		label?: string;
		words?: Record<string, string>;
		autofocus?: boolean;
		/** Said beneath a number in place of its range. */
		note?: string;
		range?: boolean;
	}
	/** Text that may be longer has a place of many lines. */
	const LONG = 5000;
	/** Any field of a field list, drawn by its kind: what a generated form is made of. */
	let {
		entry,
		field,
		path = field.name,
		label = '',
		words = {},
		autofocus = false,
		note = '',
		range = true
	}: Props = $props();
</script>

{#if field.kind === 'number' || field.kind === 'integer'}<QuantityField
		{entry}
		name={path}
		{label}
		{note}
		showRange={range}
		{autofocus}
	/>
{:else if field.kind === 'boolean'}<YesNo {entry} name={path} {label} />
{:else if field.kind === 'choice'}<ChoiceField
		{entry}
		name={path}
		{label}
		{words}
		list={field.choices.length > 4}
	/>
{:else if field.kind === 'text' && (field.maxLength ?? 0) > LONG}<LongTextField
		{entry}
		name={path}
		{label}
		{autofocus}
	/>
{:else if field.kind === 'text' || field.kind === 'date'}<TextField
		{entry}
		name={path}
		{label}
		note={field.kind === 'text' ? rangeOf(field) : ''}
		{autofocus}
	/>
{:else if field.kind === 'list' && (field.item.kind === 'number' || field.item.kind === 'integer')}<NumbersField
		{entry}
		name={path}
		{label}
	/>
{:else if field.kind === 'list'}<ListField {entry} name={path} {label} />
{:else}<GroupField {entry} name={path} {label} />{/if}
