/** Stands in for what a package would fetch for a use that the application does not make of it. */
export default null;
