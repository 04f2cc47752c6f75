import { RULES } from '@diatonix/core';
import { lazy, memo } from 'react';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { SubBar } from '../../design/SubBar';
import type { Progression, ProgressionView } from '../../workbook/model';
import { useStore } from '../../workbook/store';
import { ROWS } from './columns';

const RowsTable = lazy(() => import('../../design/RowsTable'));

interface ViewBarProps extends Pick<Progression, 'view' | 'modulate' | 'hidden' | 'blank' | 'rulesOff'> {
  readonly onNext: () => void;
  readonly harmonising: boolean;
  readonly onHarmonise: (open: boolean) => void;
}

/** How the line is set and read: keyboard or four parts, in one key or with changes found, which rows are shown or blank. */
export const ViewBar = memo(function ViewBar({ view, modulate, hidden, blank, rulesOff, onNext, harmonising, onHarmonise }: ViewBarProps) {
  const arrange = useStore((state) => state.arrange);
  const toggled = (list: readonly string[], id: string, on: boolean) => (on ? [...list, id] : list.filter((other) => other !== id));
  return (
    <SubBar>
      <ToggleRow
        aria-label="Setting"
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={[view]}
        onSelectionChange={([next]) => arrange({ view: next as ProgressionView })}
      >
        <Toggle id="keyboard">Keyboard</Toggle>
        <Toggle id="four-part">Four parts</Toggle>
      </ToggleRow>
      <span className="settings">
        {view === 'four-part' && (
          <>
            <Button onPress={onNext}>Next best</Button>
            <Drop
              label="Rules"
              opens="dialog"
              drop={(dropped) => (
                <RowsTable
                  {...dropped}
                  label="Rule"
                  heads={['Kept']}
                  rows={RULES.map((rule) => ({ id: rule, name: rule.replaceAll('-', ' '), boxes: [!rulesOff.includes(rule)] }))}
                  onChange={(rule, _, kept) => arrange({ rulesOff: toggled(rulesOff, rule, !kept) })}
                />
              )}
            >
              Rules
            </Drop>
          </>
        )}
        <Toggle isSelected={harmonising} onChange={onHarmonise}>
          Harmonise
        </Toggle>
        <Toggle isSelected={modulate} onChange={(next) => arrange({ modulate: next })}>
          Find key changes
        </Toggle>
        <Drop
          label="Rows"
          opens="dialog"
          drop={(dropped) => (
            <RowsTable
              {...dropped}
              label="Row"
              heads={['Shown', 'Blank']}
              rows={ROWS.map(({ id, label }) => ({ id, name: label, boxes: [!hidden.includes(id), blank.includes(id)] }))}
              onChange={(row, box, ticked) => arrange(box === 0 ? { hidden: toggled(hidden, row, !ticked) } : { blank: toggled(blank, row, ticked) })}
            />
          )}
        >
          Rows
        </Drop>
      </span>
    </SubBar>
  );
});
