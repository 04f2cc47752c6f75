import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { PlainButton } from '../design/PlainButton';
import { openFiles, setOpener } from '../documents/files/opening';
import { fetchScript } from '../fetchScript';

const Note = styled.div`
  position: fixed;
  right: 1.25rem;
  bottom: 1.25rem;
  z-index: 12;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.5rem;
  width: min(30rem, calc(100vw - 2rem));
  padding: 0.7rem 0.9rem;
  border: 1px solid var(--rule);
  border-left: 3px solid var(--mark);
  border-radius: 4px;
  background: var(--sheet);
  box-shadow: 0 6px 24px rgb(0 0 0 / 14%);
  font-size: 0.9375rem;
  overflow-wrap: anywhere;
  p {
    margin: 0;
  }
  p + p {
    margin-top: 0.4rem;
  }
  button {
    align-self: start;
    min-width: 1.75rem;
    min-height: 1.75rem;
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
  }
  svg {
    width: 1rem;
    height: 1rem;
  }
  @media (max-width: 860px) {
    right: 1rem;
    bottom: 3.75rem;
  }
  @media print {
    display: none;
  }
`;

/** A text that is pasted is a file where it is a tune, a score or a line by how it begins. */
const TEXT_FILES: readonly (readonly [begins: RegExp, name: string])[] = [
  [/^\s*X:\s*\d/, 'Pasted tune.abc'],
  [/^\s*(?:<\?xml[\s\S]*)?<(?:!DOCTYPE )?score-/, 'Pasted score.musicxml'],
  [/^(?:[A-Z][A-Za-z ]*:.*\n)*\s*m\d+ /, 'Pasted line.rntxt'],
];

const isField = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null;

/**
 * Opens files that are chosen, dropped on the page or pasted. What is to be said of them stands over the work until it
 * is closed, or other files are opened.
 */
export function FileOpening() {
  const navigate = useNavigate();
  const [said, setSaid] = useState<readonly string[]>([]);
  useEffect(() => {
    setOpener(async (files) => {
      setSaid([]);
      const { openAny } = await fetchScript(() => import('./openAny'));
      const told = await openAny(files, (path) => void navigate(path));
      setSaid(told);
      return told;
    });
  }, [navigate]);
  useEffect(() => {
    const stops = new AbortController();
    const { signal } = stops;
    const holdsFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') === true;
    const over = (event: DragEvent) => {
      if (holdsFiles(event)) event.preventDefault();
    };
    const drop = (event: DragEvent) => {
      if (!holdsFiles(event) || event.defaultPrevented) return;
      event.preventDefault();
      void openFiles([...event.dataTransfer!.files]);
    };
    const paste = ({ clipboardData, target }: ClipboardEvent) => {
      if (!clipboardData || isField(target)) return;
      const files = [...clipboardData.files];
      const text = clipboardData.getData('text/plain');
      const name = TEXT_FILES.find(([begins]) => begins.test(text))?.[1];
      void openFiles(files.length > 0 || name === undefined ? files : [new File([text], name)]);
    };
    window.addEventListener('dragover', over, { signal });
    window.addEventListener('drop', drop, { signal });
    window.addEventListener('paste', paste, { signal });
    return () => stops.abort();
  }, []);
  if (said.length === 0) return null;
  return (
    <Note role="alert">
      <div>
        {said.map((one, at) => (
          <p key={at}>{one}</p>
        ))}
      </div>
      <PlainButton aria-label="Close the message" onPress={() => setSaid([])}>
        <X aria-hidden="true" />
      </PlainButton>
    </Note>
  );
}
