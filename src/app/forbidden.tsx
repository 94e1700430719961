/** What is not somebody’s to see, outside of the pages that have a frame. */
export default function Forbidden() {
  return <p>Not yours to see.</p>
}
