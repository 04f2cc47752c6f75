import { TextInput } from '../design/fields/TextInput';
import {
  attempt,
  DEFAULT_LABEL_STYLE,
  displayNoteName,
  keyFromSignature,
  keysFromText,
  keyWords,
  printKey,
  type LetterSystem,
} from '@diatonix/core';
import { useState, type KeyboardEvent } from 'react';
import { Button as AriaButton, Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { Dropped } from '../design/Drop';
import { useSchool } from '../documents/store/use';

const Table = styled.div`
  display: grid;
  grid-template-columns: 5.2rem 1fr 1fr;
  gap: 1px 0.25rem;
  padding: 0.6rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 4px;
  max-height: 80vh;
  overflow-y: auto;
  box-shadow: 0 6px 24px rgb(0 0 0 / 14%);
  .head,
  .count {
    color: var(--soft);
    font-size: 0.8125rem;
    align-self: center;
  }
  .key {
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    padding: 0.12rem 0.6rem;
    text-align: left;
    cursor: pointer;
    font:
      600 1rem/1.3 'Accidentals',
      'Source Serif 4',
      serif;
  }
  .by-text {
    grid-column: 1 / -1;
    max-width: 17rem;
    margin-bottom: 0.4rem;
  }
  .by-text input {
    width: 100%;
    padding: 0.25rem 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--ground);
  }
  .by-text .key {
    margin-top: 0.3rem;
    border-color: var(--rule);
  }
  .by-text p {
    margin: 0.3rem 0 0;
    color: var(--correction);
    font-size: 0.8125rem;
  }
  .key[data-hovered] {
    background: var(--mark-ground);
  }
  .key[aria-pressed='true'] {
    border-color: var(--mark);
    color: var(--mark);
  }
`;

interface KeyTableProps extends Dropped {
  readonly label: string;
  readonly value: string;
  readonly onChoose: (key: string) => void;
}

const FIFTHS = Array.from({ length: 15 }, (_, index) => index - 7);

/**
 * The 15 major and 15 minor keys in the order of their signatures, and a field for a name or a signature in
 * words.
 */
export default function KeyTable({ label, value, triggerRef, onClose, onChoose }: KeyTableProps) {
  const letters = useSchool().letters;
  const choose = (key: string) => {
    onClose();
    onChoose(key);
  };
  return (
    <Popover
      triggerRef={triggerRef}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement="bottom start"
    >
      <Dialog aria-label={label}>
        <Table onKeyDownCapture={toLetter}>
          <KeyByText letters={letters} onChoose={choose} />
          <span className="head">Signature</span>
          <span className="head">Major</span>
          <span className="head">Minor</span>
          {FIFTHS.map((fifths) => (
            <KeyRow key={fifths} fifths={fifths} value={value} letters={letters} onChoose={choose} />
          ))}
        </Table>
      </Dialog>
    </Popover>
  );
}

/** A letter goes to the next key of the table that begins with it; in the field it is written. */
function toLetter({ key, target, currentTarget }: KeyboardEvent<HTMLElement>) {
  if (!/^[a-h]$/i.test(key) || target instanceof HTMLInputElement) return;
  const keys = [...currentTarget.querySelectorAll<HTMLElement>('button.key')];
  const at = keys.indexOf(target as HTMLElement);
  const after = [...keys.slice(at + 1), ...keys.slice(0, at + 1)];
  after.find(({ textContent }) => textContent.trim().toLowerCase().startsWith(key.toLowerCase()))?.focus();
}

/** A key by its name, or both keys of a signature in words. */
function KeyByText({ letters, onChoose }: { letters: LetterSystem; onChoose: (key: string) => void }) {
  const [text, setText] = useState('');
  const read = text.trim() === '' ? null : attempt(() => keysFromText(text, letters));
  const keys = read?.ok ? read.value : [];
  return (
    <form
      className="by-text"
      onSubmit={(event) => {
        event.preventDefault();
        // Of the two keys of a signature enter takes the first, the major one.
        if (keys.length > 0) onChoose(printKey(keys[0]!));
      }}
    >
      <TextInput
        aria-label="Key or signature"
        placeholder="F# minor, or two flats"
        value={text}
        maxLength={40}
        autoComplete="off"
        onChange={(event) => setText(event.target.value)}
      />
      {keys.map((key) => (
        <AriaButton key={printKey(key)} className="key" onPress={() => onChoose(printKey(key))}>
          {keyWords(key, { ...DEFAULT_LABEL_STYLE, letters })}
        </AriaButton>
      ))}
      {read && !read.ok && <p role="status">{read.error.message}</p>}
    </form>
  );
}

interface KeyRowProps {
  readonly fifths: number;
  readonly value: string;
  readonly letters: Parameters<typeof displayNoteName>[1];
  readonly onChoose: (key: string) => void;
}

function KeyRow({ fifths, value, letters, onChoose }: KeyRowProps) {
  const count =
    fifths === 0
      ? 'none'
      : `${Math.abs(fifths)} ${fifths > 0 ? 'sharp' : 'flat'}${Math.abs(fifths) === 1 ? '' : 's'}`;
  return (
    <>
      <span className="count">{count}</span>
      {(['major', 'minor'] as const).map((mode) => {
        const key = keyFromSignature(fifths, mode);
        const text = printKey(key);
        return (
          <AriaButton
            key={mode}
            className="key"
            aria-label={`${text.replace('#', ' sharp').replace('b ', ' flat ')}`}
            aria-pressed={text === value}
            autoFocus={text === value}
            onPress={() => onChoose(text)}
          >
            {displayNoteName(key.tonic, letters)}
            {mode === 'minor' ? ' minor' : ''}
          </AriaButton>
        );
      })}
    </>
  );
}
