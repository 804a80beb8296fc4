/** An icon, which component tests have nothing to say about. */
export default function Icon() {
  return null;
}
