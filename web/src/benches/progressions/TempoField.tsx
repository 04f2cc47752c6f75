import { Minus, Plus } from 'lucide-react';
import { memo } from 'react';
import { Button as AriaButton, Group, Input, Label, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { setTempo } from './state';
import { TEMPO_RANGE } from '../../documents/kinds/progression/type';

const Field = styled.div`
  [role='group'] {
    display: flex;
    align-items: center;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    height: 1.85rem;
    font-size: 0.875rem;
  }
  [role='group'][data-focus-within] {
    border-color: var(--mark);
  }
  label {
    padding-left: 0.6rem;
    color: var(--soft);
  }
  input {
    width: 2.6rem;
    border: 0;
    background: none;
    text-align: center;
    outline: none;
  }
  button {
    border: 0;
    background: none;
    height: 100%;
    padding: 0 0.35rem;
    cursor: pointer;
    line-height: 0;
  }
  svg {
    width: 0.85rem;
    height: 0.85rem;
  }
`;

/** Quarter notes a minute. */
export const TempoField = memo(function TempoField({ tempo }: { tempo: number }) {
  return (
    <Field>
      <NumberField
        value={tempo}
        minValue={TEMPO_RANGE.least}
        maxValue={TEMPO_RANGE.most}
        step={4}
        formatOptions={{ maximumFractionDigits: 0, useGrouping: false }}
        onChange={(next) => Number.isFinite(next) && setTempo(next)}
      >
        <Group>
          <Label>Tempo</Label>
          <Input />
          <AriaButton slot="decrement" aria-label="Slower">
            <Minus aria-hidden="true" />
          </AriaButton>
          <AriaButton slot="increment" aria-label="Faster">
            <Plus aria-hidden="true" />
          </AriaButton>
        </Group>
      </NumberField>
    </Field>
  );
});
