/** Stands in for lists that draw only what is in view: lists here are short or paged. */
const LongList = () => null;
export default LongList;
