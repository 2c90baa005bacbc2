/** Stands in for views of other platforms' looks: switches, boxes and bars here are the components' or our own. */
const OtherView = () => null;
export default OtherView;
