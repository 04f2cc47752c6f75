import { KINDS, kindWords, OWN_WORDS, type Sheet } from '@diatonix/core';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import styled from 'styled-components';
import { SideList } from '../../parts/sideBySide';
import { Button } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { part } from '../../design/part';
import type { SheetBody, SheetSectionBody } from '../../documents/kinds/sheet/type';
import { SHEETS_DESK } from './desk';
import { PageSettings } from './PageSettings';
import { addSection, moveSection, removeSection, writeQuestion } from './state';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));

const Column = styled(SideList)`
  .section-name {
    width: 100%;
    padding: 0.45rem 0.6rem;
    border: 0;
    border-left: 3px solid transparent;
    border-radius: 0;
    background: none;
    display: block;
    text-align: left;
    white-space: normal;
  }
  li.selected .section-name {
    border-left-color: var(--mark);
    background: var(--mark-ground);
  }
  .section-name b {
    display: block;
    font:
      600 0.95rem/1.3 'Source Serif 4',
      serif;
  }
  .section-name span {
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .doings {
    display: flex;
    gap: 0.25rem;
    padding: 0.25rem 0 0.4rem 0.7rem;
  }
  .about {
    margin: 1rem 0 0;
    color: var(--soft);
    font-size: 0.8125rem;
    line-height: 1.5;
  }
`;

/** Marks for a question of a section: its own, or those of its parts together. */
const marksOf = ({ marks, parts }: SheetSectionBody) =>
  parts ? Object.values(parts).reduce((sum, one) => sum + one, 0) : marks;

/** The sections of the sheet: chosen, moved, taken away, and added. */
export function Outline({ body, sheet, section }: { body: SheetBody; sheet: Sheet | null; section: number }) {
  const count = body.sections.reduce((sum, one) => sum + one.count, 0);
  const remarks = [...new Set(sheet?.sections.flatMap((one) => one.remarks) ?? [])];
  return (
    <Column aria-label="Sections">
      <h2>Sections</h2>
      <ol>
        {body.sections.map((one, at) => (
          <li key={one.id} className={at === section ? 'selected' : ''}>
            <Button
              className="section-name"
              aria-current={at === section}
              onPress={() => SHEETS_DESK.set({ section: one.id, question: 0 })}
            >
              <b>
                {at + 1} {kindWords(one.kind).name}
              </b>
              <span>
                {one.count} {one.count === 1 ? 'question' : 'questions'} · {one.count * marksOf(one)} marks
              </span>
            </Button>
            {at === section && (
              <div className="doings">
                <Button
                  aria-label="Move the section up"
                  isDisabled={at === 0}
                  onPress={() => moveSection(one.id, -1)}
                >
                  <ArrowUp aria-hidden="true" />
                </Button>
                <Button
                  aria-label="Move the section down"
                  isDisabled={at === body.sections.length - 1}
                  onPress={() => moveSection(one.id, 1)}
                >
                  <ArrowDown aria-hidden="true" />
                </Button>
                <Button aria-label="Remove the section" onPress={() => removeSection(one.id)}>
                  <Trash2 aria-hidden="true" />
                </Button>
              </div>
            )}
          </li>
        ))}
      </ol>
      <Drop
        label="Add a section"
        opens="menu"
        drop={(dropped) => (
          <MenuPopover
            {...dropped}
            label="Kind of exercise"
            entries={[...KINDS.map(({ id }) => id), OWN_WORDS].map((id) => ({
              id,
              name: kindWords(id).name,
            }))}
            onAction={(kind) => (kind === OWN_WORDS ? writeQuestion() : addSection(String(kind)))}
          />
        )}
      >
        <Plus aria-hidden="true" /> Add a section
      </Drop>
      <p className="about">
        {count} questions, {sheet?.marks ?? 0} marks
        {remarks.map((remark) => (
          <span key={remark}>
            <br />
            {remark}
          </span>
        ))}
      </p>
      <PageSettings body={body} />
    </Column>
  );
}
