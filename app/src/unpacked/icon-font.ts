/** Stands in for icon-font packages: nothing is drawn from a font here. */
const NoIconFont = () => null;
export default NoIconFont;
export const MaterialCommunityIcons = NoIconFont;
