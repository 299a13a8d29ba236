/**
 * Parts of Carbon that no view uses, by component, with the class names by which their rules are taken out of its style
 * sheet: the pruning by component leaves them in because they share a class with others. A component that a view begins to
 * use is taken off this list; a test says so.
 */
export const unusedCarbon = {
	TimePicker: 'time-picker',
	DatePicker: 'date-picker',
	DataTable: 'table|data-table|toolbar|batch|action-set',
	Pagination: 'pagination',
	PinCodeInput: 'pin-code',
	Toggle: 'toggle',
	CodeSnippet: 'snippet',
	ContainedList: 'contained-list',
	StructuredList: 'structured-list',
	Slider: 'slider',
	Tabs: 'tabs',
	Accordion: 'accordion',
	CopyButton: 'copy',
	Header: 'header',
	SideNav: 'side-nav',
	Tile: 'tile',
	ClickableTile: 'tile',
	Breadcrumb: 'breadcrumb',
	ProgressIndicator: 'progress-indicator',
	TooltipDefinition: 'tooltip--definition|tooltip__trigger--definition|definition-term',
	Tooltip: 'tooltip__label|tooltip__content',
	TooltipIcon: 'tooltip--icon',
	SearchMenu: 'search-menu',
	PasswordInput: 'text-input--password',
	FileUploader: 'file__',
	Dropdown: 'dropdown'
};
/** Variants that no view uses, by the attribute that asks for them. */
export const unusedVariants = {
	'kind="danger-ghost"': 'danger--?ghost',
	'tooltipPosition="right"': 'icon-only--right|tooltip--right',
	expandable: '--expandable'
};

/** Does a selector speak of nothing but what is not used? */
export const isUnused = (() => {
	const parts = new RegExp(
		`\\.bx--(${Object.values(unusedCarbon).join('|')})|fluid|flatpickr|numInput|${Object.values(unusedVariants).join('|')}`
	);
	return (selector) => parts.test(selector) || /^:root\[theme=/.test(selector);
})();
