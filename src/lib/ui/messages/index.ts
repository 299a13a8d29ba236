/** The texts of the interface, as `m.view.text`. */
export * as m from './views';
