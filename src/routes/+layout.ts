// The studio lives in the browser's own store, so every page is rendered there.
export const ssr = false;
