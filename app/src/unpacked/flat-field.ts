/** Stands in for the filled kind of text field: all of ours are outlined. */
const FlatField = () => null;
export default FlatField;
