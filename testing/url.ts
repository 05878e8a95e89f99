/** Stands in for a file whose address the build hands out. */
export default 'about:blank';
