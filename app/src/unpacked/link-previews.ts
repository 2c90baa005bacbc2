/** Stands in for previews of links, which another platform shows at a long press. */
export const LinkWithPreview = () => null;
export const HrefPreview = () => null;
