import { parseDate } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  Dialog,
  DialogTrigger,
  Heading,
  I18nProvider,
  Popover,
} from 'react-aria-components';
import { useState } from 'react';
import styled from 'styled-components';
import { dayWords } from '../dates';

const Opener = styled(Button)`
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  justify-content: space-between;
  min-height: 1.85rem;
  padding: 0.2rem 0.45rem;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font-size: 0.9rem;
  white-space: nowrap;
  cursor: pointer;
  svg {
    width: 0.95rem;
    height: 0.95rem;
    color: var(--soft);
  }
  &[data-focus-visible] {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
`;

const Sheet = styled(Popover)`
  padding: 0.7rem;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  box-shadow: 0 6px 20px rgb(0 0 0 / 18%);
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
  h2 {
    margin: 0;
    font-size: 1rem;
  }
  button {
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
  }
  td > div {
    width: 2.1rem;
    padding: 0.3rem 0;
    border-radius: 4px;
    text-align: center;
    cursor: pointer;
    outline: none;
  }
  td > div[data-outside-month] {
    visibility: hidden;
  }
  td > div[data-selected] {
    background: var(--mark);
    color: var(--sheet);
  }
  td > div[data-focus-visible] {
    outline: 2px solid var(--mark);
  }
  th {
    color: var(--soft);
    font-weight: 400;
    font-size: 0.8125rem;
  }
`;

interface DateFieldProps {
  readonly name: string;
  /** A day such as 2026-12-01; null where none is chosen. */
  readonly value: string | null;
  readonly onChange: (day: string) => void;
}

/** A day, written in words; a calendar opens from it. */
export function DateField({ name, value, onChange }: DateFieldProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <DialogTrigger isOpen={isOpen} onOpenChange={setOpen}>
      <Opener aria-label={`${name}: ${value ? dayWords(value) : 'none'}`}>
        {value ? dayWords(value) : 'Choose a day'}
        <CalendarDays aria-hidden="true" />
      </Opener>
      <Sheet>
        <Dialog aria-label={name}>
          <I18nProvider locale="en-GB">
            <Calendar
              aria-label={name}
              autoFocus
              value={value ? parseDate(value) : null}
              onChange={(day) => {
                onChange(day.toString());
                setOpen(false);
              }}
            >
              <header>
                <Button slot="previous" aria-label="The month before">
                  <ChevronLeft aria-hidden="true" />
                </Button>
                <Heading />
                <Button slot="next" aria-label="The month after">
                  <ChevronRight aria-hidden="true" />
                </Button>
              </header>
              <CalendarGrid>{(date) => <CalendarCell date={date} />}</CalendarGrid>
            </Calendar>
          </I18nProvider>
        </Dialog>
      </Sheet>
    </DialogTrigger>
  );
}
