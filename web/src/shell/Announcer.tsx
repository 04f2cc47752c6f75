import { useAnnounced } from '../design/announce';

/** What changed under the focus, for a screen reader. */
export function Announcer() {
  const text = useAnnounced((state) => state.text);
  return (
    <div role="status" className="visually-hidden">
      {text}
    </div>
  );
}
